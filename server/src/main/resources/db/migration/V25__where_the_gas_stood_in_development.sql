-- where the gas stood from first crack to the drop, % of full; filled when the figures are made anew
alter table roast add column gas_development double precision;
