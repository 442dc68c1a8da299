-- Device models are kept by version; a job is worked by the one that was newest when it was opened.

alter table device_model add column version integer not null default 1;
alter table device_model add column why text not null default 'Described at the bench';
alter table device_model drop constraint device_model_pkey;
alter table device_model add primary key (shop_id, id, version);

-- How long each step of a teardown really took, for the medians of its model.
create table step_time (
    shop_id   smallint not null references shop,
    model     text not null,
    operation text not null,
    job       bigint not null,
    seconds   numeric not null,
    primary key (shop_id, model, operation, job)
);
create index step_time_of_job on step_time (shop_id, job);

-- What was noted at a step: proposed to the model until a lead has decided.
create table bench_note (
    shop_id   smallint not null references shop,
    job       bigint not null,
    seq       bigint not null,
    model     text not null,
    operation text,
    note      text not null,
    at        timestamptz not null,
    by        text not null,
    primary key (shop_id, job, seq)
);
create index bench_note_of_model on bench_note (shop_id, model, at);

-- Decisions are no projection: a rebuild must not ask again.
create table note_decision (
    shop_id  smallint not null references shop,
    job      bigint not null,
    seq      bigint not null,
    accepted boolean not null,
    at       timestamptz not null,
    by       text not null,
    primary key (shop_id, job, seq)
);

-- A clock that only tells, such as solvent that is dry, leaves the strip by itself some minutes after it ran out.
alter table clock add column stays boolean not null default true;
