-- what a roaster usually does is asked of its newest accepted roasts: found in their order, the rest never read
drop index roast_by_machine;
create index roast_by_teaching on roast (machine_id, accepted, roasted_at desc, id desc);
-- lists count roasts: from the index alone, a row is wide
create index roast_counted_by_lot on roast (lot_id, discarded_reason);
create index roast_counted_by_sample on roast (green_sample_id, discarded_reason);
