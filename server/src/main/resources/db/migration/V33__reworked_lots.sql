-- a lot that was sorted again or milled anew: cups of before speak of what it was
alter table lot add column reworked_on date;
alter table lot add column rework varchar(200);
