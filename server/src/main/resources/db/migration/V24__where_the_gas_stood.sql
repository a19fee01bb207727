-- where the gas stood, of which a roaster's usual gas is learned; filled when the figures are made anew
alter table roast add column gas_drying double precision;
alter table roast add column gas_browning double precision;
alter table roast add column gas_before_crack double precision;
-- what Today counts over every roast is read off an index alone
create index roast_waiting on roast (id, discarded_reason, settled, roasted_at);
create index roast_of_lot_by_kind on roast (lot_id, kind, id);
