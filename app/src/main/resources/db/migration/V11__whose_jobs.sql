-- Whose hands were last in a job: the bench shows everybody their own. Which model it is: the counter offers those that
-- come often.
alter table job add column last_by text not null default '';
alter table job add column model text not null default '';
create index job_last_by on job (shop_id, last_by) where not closed;
