-- when the cups of a table that was shuffled by hand were turned over
alter table cupping add column matched_at timestamp(6) with time zone;
