-- A journal is not emptied either, by whoever may.
create trigger keep_whole_journal before truncate on journal_entry
    for each statement execute function keep_journal();

-- A telephone is let in for as long as whoever let it in is signed in.
alter table phone_pass add column session_id char(36);

-- Devices somebody signed in on before: strangers who guess elsewhere do not lock them out. The token itself is nowhere kept.
create table known_device (
    shop_id      smallint not null references shop,
    token_hash   bytea not null,
    name         text not null,
    failures     integer not null default 0,
    locked_until timestamptz,
    used         timestamptz not null,
    primary key (shop_id, token_hash)
);
create index known_device_of on known_device (shop_id, name, used);
