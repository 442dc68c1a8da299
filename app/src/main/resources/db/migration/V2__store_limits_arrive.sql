-- The shop's own data.
alter table shop add currency text not null default 'EUR';
alter table shop add hands integer not null default 1;
alter table shop add chargers integer not null default 2;
alter table account add locked boolean not null default false;
alter table container add outdoors boolean not null default false;
update container set outdoors = true where name ilike '%outdoor%' or name ilike '%quay%';

-- Which making of the projections the lists were written by; another one rebuilds them at the start.
create table projection (
    shop_id smallint primary key references shop,
    version integer not null
);

-- The store: a pack enters when it is lifted out, and has no container until somebody puts it into one.
drop table stored_pack;
create table stored_pack (
    shop_id   smallint not null references shop,
    job       bigint not null,
    container text,
    label     text not null,
    tier      text not null,
    energy_wh numeric not null,
    since     timestamptz not null,
    looked_at timestamptz,
    surface_c numeric,
    ambient_c numeric,
    next_look timestamptz,
    outdoors_at_night boolean not null,
    chemistry text not null,
    cells     numeric not null,
    mass_g    numeric,
    damaged   boolean not null,
    hand_over integer,
    primary key (shop_id, job)
);
create index stored_pack_container on stored_pack (shop_id, container) where hand_over is null;
create index stored_pack_hand_over on stored_pack (shop_id, hand_over) where hand_over is not null;

create table hand_over (
    shop_id   smallint not null references shop,
    number    integer not null,
    at        timestamptz not null,
    by        text not null,
    collector text not null,
    form_id   uuid not null,
    primary key (shop_id, number),
    unique (shop_id, form_id)
);

-- A job is found by everything anybody may read out from a ticket, a label or a device.
drop index job_find;
alter table job add found_by text not null default '';
-- What waits to be sorted in is read by every search, so that little may wait.
create index job_find on job using gin (found_by gin_trgm_ops) with (gin_pending_list_limit = 256);
create extension if not exists fuzzystrmatch;
-- Every word a job is found by, once: a typing error is looked up among these few, not among all jobs.
create table found_word (
    shop_id smallint not null references shop,
    word    text not null,
    primary key (shop_id, word)
);
create index found_word_near on found_word using gin (word gin_trgm_ops);
-- In the order of the words, so that two who add the same ones never wait for each other in a circle.
create function keep_found_words() returns trigger language plpgsql as $$
begin
    insert into found_word (shop_id, word)
    select distinct new.shop_id, left(part, 60)
      from regexp_split_to_table(new.found_by, '[\s·,;()]+') as part
     where length(part) > 2
     order by 2
        on conflict do nothing;
    return null;
end $$;
create trigger keep_new_words after insert on job
    for each row execute function keep_found_words();
create trigger keep_changed_words after update on job
    for each row when (old.found_by is distinct from new.found_by) execute function keep_found_words();

create index job_changed on job (shop_id, closed, changed_at desc);

-- Whoever has a page of a job open is told when it changed.
create function tell_of_job() returns trigger language plpgsql as $$
begin
    perform pg_notify('job', json_build_object('job', new.number, 'seq', new.seq, 'tier', new.tier)::text);
    return null;
end $$;
create trigger tell_of_job after update on job
    for each row when (old.seq is distinct from new.seq) execute function tell_of_job();

-- Models that the shop described itself, beside those that ship with the product.
create table device_model (
    shop_id smallint not null references shop,
    id      text not null,
    body    jsonb not null,
    at      timestamptz not null,
    by      text not null,
    primary key (shop_id, id)
);

-- Long series from instruments, by what was logged; the journal names them.
create table bench_log (
    shop_id smallint not null references shop,
    log     uuid not null,
    job     bigint not null,
    at      timestamptz not null,
    target  numeric not null,
    volume  numeric not null,
    primary key (shop_id, log)
);
create table bench_sample (
    shop_id smallint not null,
    log     uuid not null,
    seconds numeric not null,
    value   numeric not null
) partition by hash (log);
create table bench_sample_0 partition of bench_sample for values with (modulus 4, remainder 0);
create table bench_sample_1 partition of bench_sample for values with (modulus 4, remainder 1);
create table bench_sample_2 partition of bench_sample for values with (modulus 4, remainder 2);
create table bench_sample_3 partition of bench_sample for values with (modulus 4, remainder 3);
create index bench_sample_log on bench_sample (shop_id, log, seconds);

-- Photos, without whatever the camera wrote about the place. A removed one keeps its row and loses its picture.
create table photo (
    shop_id smallint not null references shop,
    id      uuid not null,
    job     bigint not null,
    at      timestamptz not null,
    by      text not null,
    type    text not null,
    width   integer not null,
    height  integer not null,
    picture bytea,
    primary key (shop_id, id)
);
-- A telephone may add photos to one job for a while, by what it read off a screen.
create table phone_pass (
    shop_id smallint not null references shop,
    secret  text not null,
    job     bigint not null,
    step    text,
    by      text not null,
    until   timestamptz not null,
    primary key (shop_id, secret)
);
