-- What calls for hands belongs to a class: 1 danger, 2 watch, 3 work, 4 promise.
alter table clock add column class smallint not null default 3;
create index clock_called on clock (shop_id, class, at) where stays;

-- How far a device is open: 0 with its pack connected, 1 open, 2 closed.
alter table job add column standing smallint not null default 2;

-- What the shop heats with, and which job holds one of it until when it must let go.
alter table shop
    add column mats smallint not null default 1,
    add column dryers smallint not null default 1,
    add column air_stations smallint not null default 1;
alter table job
    add column heat_place text,
    add column heat_free_at timestamptz;
create index job_heats on job (shop_id, heat_place) where heat_place is not null;
