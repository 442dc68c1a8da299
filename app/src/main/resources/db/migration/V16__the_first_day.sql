-- What a lead has gone through on the first day of a shop; a shop that has had jobs is beyond it.
create table first_day (
    shop_id smallint not null references shop,
    step    text not null,
    at      timestamptz not null,
    by      text not null,
    primary key (shop_id, step)
);
insert into first_day (shop_id, step, at, by)
select shop.id, step, now(), ''
  from shop, unnest(array['SHOP', 'EMERGENCY', 'HOURS', 'ROOM', 'CONTAINERS', 'PEOPLE', 'LIMITS', 'EXAMPLES']) as step
 where exists (select 1 from journal_entry where journal_entry.shop_id = shop.id);

-- The models that ship are examples until somebody puts them away.
alter table shop add column examples_away boolean not null default false;
