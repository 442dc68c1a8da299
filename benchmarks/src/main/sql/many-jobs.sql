-- As many jobs as a shop sees in a long life, in the list that searching reads. Owners come again, serials do not.
insert into job (shop_id, number, seq, owner, model_name, found_by, stage, tier, next_what, blocked, next_at, promise,
                 closed, opened_at, changed_at)
select shop_id, 1000000 + copy, seq, owner || ', room ' || copy % 400, model_name,
       lower(owner || ', room ' || copy % 400 || ' · ' || model_name || ' · qx-' || copy * 7919 % 900001),
       stage, tier, next_what, blocked, next_at, promise, copy % 50 <> 0,
       opened_at - copy * interval '7 minutes', changed_at - copy * interval '7 minutes'
  from (select *, row_number() over (order by number) - 1 as place, count(*) over () as originals
          from job where number < 1000) as original
  join generate_series(1, 100000) as copy on copy % originals = place;
-- As the database does by itself some time after so many rows.
vacuum analyze job;
vacuum analyze found_word;
