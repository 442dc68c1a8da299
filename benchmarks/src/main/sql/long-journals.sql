-- Two copies of a job whose old pack lies in its container: one with 50 rounds of its watch, one with 3 000, over the forty
-- days before now. Rounds closer than minutes apart would be no watch, and are dearer, since growth looks back an hour.
with original as (
    select shop_id, job
      from journal_entry
     where job < 1000
     group by shop_id, job
    having bool_or(kind = 'watched') and bool_or(kind = 'pack-stored')
       and not bool_or(kind in ('pack-released', 'signed-off'))
     order by job desc
     limit 1
), grown as (
    select original.shop_id, original.job, copy.number, copy.rounds,
           (select max(seq) from journal_entry entry where entry.job = original.job) as seq,
           (select max(at) from journal_entry entry where entry.job = original.job) as at
      from original, (values (900050, 50), (903000, 3000)) as copy (number, rounds)
), copied as (
    insert into journal_entry (shop_id, job, seq, at, by, kind, body, corrects, form_id)
    select entry.shop_id, grown.number, entry.seq, entry.at - interval '40 days', entry.by, entry.kind, entry.body, entry.corrects,
           gen_random_uuid()
      from grown
      join journal_entry entry on entry.shop_id = grown.shop_id and entry.job = grown.job
), watched as (
    insert into journal_entry (shop_id, job, seq, at, by, kind, body, form_id)
    select shop_id, number, seq + round, at - interval '40 days' * (1 - round::numeric / (rounds + 1)), 'technician', 'watched',
           jsonb_build_object('look', null, 'ambientC', 19.5, 'surfaceC', 19.6 + round % 5 * 0.1), gen_random_uuid()
      from grown, generate_series(1, rounds) as round
)
insert into journal_head (shop_id, job, seq)
select shop_id, number, seq + rounds from grown;
