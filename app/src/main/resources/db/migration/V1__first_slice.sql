-- One shop is served today; its id leads every key, so that many can share a database later.
create table shop (
    id               smallint primary key,
    name             text not null,
    zone             text not null,
    emergency_number text not null,
    emergency_text   text not null,
    opening          jsonb not null,
    last_job         bigint not null default 0
);

create table account (
    shop_id      smallint not null references shop,
    name         text not null,
    shown_name   text not null,
    password     text not null,
    role         text not null check (role in ('TRAINEE', 'TECHNICIAN', 'LEAD')),
    failures     integer not null default 0,
    locked_until timestamptz,
    primary key (shop_id, name)
);

create table limits_version (
    shop_id smallint not null references shop,
    version integer not null,
    at      timestamptz not null,
    by      text not null,
    why     text not null,
    values  jsonb not null,
    primary key (shop_id, version)
);

create table journal_entry (
    shop_id  smallint not null references shop,
    job      bigint not null,
    seq      bigint not null,
    at       timestamptz not null,
    by       text not null,
    kind     text not null,
    body     jsonb not null,
    corrects bigint,
    form_id  uuid not null,
    primary key (shop_id, job, seq),
    unique (shop_id, form_id)
);

-- Nothing that was written in a journal is ever changed or removed.
create function keep_journal() returns trigger language plpgsql as $$
begin
    raise exception 'the journal is append-only';
end $$;
create trigger keep_journal before update or delete on journal_entry
    for each row execute function keep_journal();

-- Projections: thrown away and rebuilt from the journal at will.
create table job (
    shop_id    smallint not null references shop,
    number     bigint not null,
    seq        bigint not null,
    owner      text not null,
    model_name text not null,
    stage      text not null,
    tier       text not null,
    next_what  text not null,
    blocked    boolean not null,
    next_at    timestamptz,
    promise    timestamptz,
    closed     boolean not null,
    opened_at  timestamptz not null,
    changed_at timestamptz not null,
    primary key (shop_id, number)
);
create extension if not exists pg_trgm;
create index job_find on job using gin (owner gin_trgm_ops, model_name gin_trgm_ops);
create index job_open on job (shop_id, next_at nulls last, promise nulls last, number) where not closed;

create table clock (
    shop_id smallint not null references shop,
    job     bigint not null,
    at      timestamptz not null,
    what    text not null,
    stage   text not null,
    primary key (shop_id, job, at, what)
);
create index clock_nearest on clock (shop_id, at);

create table container (
    shop_id     smallint not null references shop,
    id          text not null,
    name        text not null,
    capacity_wh numeric not null,
    places      integer not null,
    primary key (shop_id, id)
);

create table stored_pack (
    shop_id   smallint not null references shop,
    job       bigint not null,
    container text not null,
    label     text not null,
    tier      text not null,
    energy_wh numeric not null,
    since     timestamptz not null,
    primary key (shop_id, job)
);
create index stored_pack_container on stored_pack (shop_id, container);

create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null,
    creation_time         bigint not null,
    last_access_time      bigint not null,
    max_inactive_interval integer not null,
    expiry_time           bigint not null,
    principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea not null,
    primary key (session_primary_id, attribute_name)
);
