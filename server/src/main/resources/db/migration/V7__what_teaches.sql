-- what a roaster usually does is asked of its newest accepted roasts
create index roast_by_teaching on roast (machine_id, accepted, roasted_at desc, id desc);
