-- Work that takes longer than a request: it is picked by one node, and by another when that one is gone (db-scheduler's table).
create table scheduled_tasks (
    task_name            text        not null,
    task_instance        text        not null,
    task_data            bytea,
    execution_time       timestamptz not null,
    picked               boolean     not null,
    picked_by            text,
    last_success         timestamptz,
    last_failure         timestamptz,
    consecutive_failures int,
    last_heartbeat       timestamptz,
    version              bigint      not null,
    priority             smallint,
    primary key (task_name, task_instance)
);
create index scheduled_tasks_due on scheduled_tasks (execution_time);
create index scheduled_tasks_alive on scheduled_tasks (last_heartbeat);

-- Cells that are being matched: how far it is, and whether somebody is content with the best so far. The answer is an entry.
create table match_search (
    shop_id      int     not null,
    job          bigint  not null,
    form_id      text    not null,
    by           text    not null,
    role         text    not null,
    changed_at   bigint  not null,
    moves        bigint  not null default 0,
    budget       bigint  not null default 0,
    smallest_mah bigint,
    stop_asked   boolean not null default false,
    refused      text,
    primary key (shop_id, job)
);
