-- what a roast was made for; null: a sample by the protocol
alter table roast add column aim varchar(20);
alter table roast add column ror_before_crack double precision;
-- what the environment probe read
alter table roast add column environment_dry_end_c double precision;
alter table roast add column environment_first_crack_c double precision;
alter table roast add column environment_drop_c double precision;
alter table roast add column environment_peak_c double precision;
