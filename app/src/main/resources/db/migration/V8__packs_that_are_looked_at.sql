-- The strip asks when each container is looked at next; most stored packs wait for no look.
create index stored_pack_looked_at on stored_pack (shop_id, container, next_look)
    where hand_over is null and next_look is not null;
