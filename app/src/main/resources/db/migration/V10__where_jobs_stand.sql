-- The bench says how many jobs stand at each stage and tier, and shows those of one.
create index job_stands on job (shop_id, stage, tier) where not closed;
