-- Since when, or from when on, a job calls for hands, by class: the bench is in the order of what calls, and reads no clock
-- for it. Filled when the lists are made anew.
alter table job
    add column danger_at  timestamptz,
    add column watch_at   timestamptz,
    add column work_at    timestamptz,
    add column promise_at timestamptz;
create index job_danger on job (shop_id, danger_at) where not closed and danger_at is not null;
create index job_watch on job (shop_id, watch_at) where not closed and watch_at is not null;
create index job_turn on job (shop_id, (next_at is null), standing, next_at, promise, number) where not closed;
drop index job_open;

-- The strip looks ahead past promises, of which there are many and which it does not show, and back at what only tells.
create index clock_ahead on clock (shop_id, at) where class < 4;
create index clock_told on clock (shop_id, at) where not stays;
drop index clock_nearest;

-- Packs that wait for a place, the longest first.
create index stored_pack_waiting on stored_pack (shop_id, since, job) where hand_over is null and container is null;
