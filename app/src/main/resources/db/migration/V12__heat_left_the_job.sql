-- What heats has rows of its own since V9.
alter table job
    drop column heat_place,
    drop column heat_free_at;
