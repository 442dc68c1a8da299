-- The air as it was read last for a job, so that nobody reads it again for the next.
create table air_read (
    shop_id smallint not null references shop,
    job     bigint not null,
    at      timestamptz not null,
    air_c   numeric not null,
    primary key (shop_id, job)
);
create index air_read_newest on air_read (shop_id, at desc);
