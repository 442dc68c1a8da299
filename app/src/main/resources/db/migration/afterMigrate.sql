-- What the application may do with what its owner made: write, never empty, drop or change the shape of anything.
grant usage on schema public to ${app};
grant select, insert, update, delete on all tables in schema public to ${app};
grant usage, select on all sequences in schema public to ${app};
revoke update, delete, truncate, references, trigger on journal_entry from ${app};
revoke insert, update, delete, truncate, references, trigger on flyway_schema_history from ${app};
-- What is a record is added to, and never rewritten or taken away.
revoke update, delete, truncate, references, trigger on limits_version, hand_over, device_model from ${app};
