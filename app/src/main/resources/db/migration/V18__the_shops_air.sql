-- The air as it was read last today, for whichever device, so that nobody reads it again for the next.
create index journal_entry_air on journal_entry (shop_id, at desc) where kind in ('warmth-taken', 'felt-by-hand');
