-- What calls for hands belongs to a class: 1 danger, 2 watch, 3 work, 4 promise.
alter table clock add column class smallint not null default 3;
create index clock_called on clock (shop_id, class, at) where stays;

-- How far a device is open: 0 with its pack connected, 1 open, 2 closed.
alter table job add column standing smallint not null default 2;
