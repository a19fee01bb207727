-- null: a batch like any other; pull: drawn from one while it roasted; warm-up: the first of a day, which teaches nothing
alter table roast add column kind varchar(10);
alter table roast add column pulled_from bigint;
-- what its plan asked of a roast that is made for something of its own
alter table roast add column own_limits varchar(600);
create index roast_pulled_from on roast (pulled_from);
-- counts are those of so many grams; null: 100
alter table bench_sample add column counted_g double precision;
alter table bench_sample add column dark integer;
alter table bench_sample add column broken integer;
alter table bench_sample add column peaberries integer;
alter table bench_sample add column evenness varchar(10);
alter table bench_sample add column surface varchar(10);
alter table bench_sample add column swollen boolean;
alter table bench_sample add column hue varchar(10);
-- drawn from the batch while it roasted, g: it is not in what was weighed out
alter table bench_sample add column pulled_g double precision;
