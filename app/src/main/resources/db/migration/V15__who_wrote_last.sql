-- When somebody wrote last: what the bench says to whoever comes back from a break.
create index journal_by_whom on journal_entry (shop_id, by, at);
