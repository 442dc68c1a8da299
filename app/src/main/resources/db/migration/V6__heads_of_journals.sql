-- The head of a journal is no list: whoever writes in it, or makes its lists anew, holds it meanwhile.
create table journal_head (
    shop_id smallint not null references shop,
    job     bigint not null,
    seq     bigint not null,
    primary key (shop_id, job)
);
insert into journal_head (shop_id, job, seq)
select shop_id, job, max(seq) from journal_entry group by shop_id, job;
