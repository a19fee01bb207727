-- the list of one roaster's or one lot's roasts in order of time, without sorting all of them
create index roast_by_machine_and_time on roast (machine_id, roasted_at desc, id desc);
create index roast_by_lot_and_time on roast (lot_id, roasted_at desc, id desc);
