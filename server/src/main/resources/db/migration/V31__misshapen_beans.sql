-- crooked, elephant or ear-shaped beans among the roasted ones
alter table bench_sample add column misshapen integer;
