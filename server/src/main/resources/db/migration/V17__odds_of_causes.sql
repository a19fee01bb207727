-- mean speed of the drum from charge to drop, of which a roaster's usual speed is learned
alter table roast add column drum_rpm double precision;
-- how likely the strongest finding is the main cause, and how likely nothing is wrong
alter table roast_trace add column probability double precision;
alter table roast_trace add column sound double precision;
