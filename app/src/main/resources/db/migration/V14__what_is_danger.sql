-- What kind of danger a call is, 1 the worst; null where it is none. Filled when the lists are made anew.
alter table clock add column danger smallint;

-- Until when a job changes by itself: its tier is asked for whenever it is shown.
alter table job add column moves_until timestamptz;
create index job_moving on job (shop_id, moves_until) where not closed and moves_until is not null;

-- What goes into a container: a pack alone, a device for one hand, or a laptop.
alter table container add column takes text not null default 'LAPTOP';
