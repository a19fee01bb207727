-- where the gas stood, of which a roaster's usual gas is learned; filled when the figures are made anew
alter table roast add column gas_drying double precision;
alter table roast add column gas_browning double precision;
alter table roast add column gas_before_crack double precision;
