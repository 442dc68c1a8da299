-- What programs ask for sums by, instead of a password. The token itself is nowhere kept; without a stage it is good for all.
create table access_token (
    id         bigint generated always as identity primary key,
    shop_id    smallint not null references shop,
    account    text not null,
    token_hash bytea not null unique,
    name       text not null,
    stage      text,
    made       timestamptz not null,
    last_used  timestamptz,
    foreign key (shop_id, account) references account (shop_id, name)
);
create index access_token_of on access_token (shop_id, account, made);
