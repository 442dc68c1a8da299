-- Which heat a job holds is a list of its own. The columns of the job that said so are read by nobody any more; they
-- go with a later version, so that the one before this can still write them while both run.
create table heat_place_taken (
    shop_id smallint not null references shop,
    job     bigint not null,
    place   text not null,
    free_at timestamptz not null,
    primary key (shop_id, job)
);
drop index job_heats;
