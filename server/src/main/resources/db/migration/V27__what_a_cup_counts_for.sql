-- what else the cup of a trace counts for; worked out anew with the trace
alter table roast_trace add column in_patterns boolean not null default true;
alter table roast_trace add column over_time boolean not null default true;
alter table roast_trace add column on_today boolean not null default true;
alter table roast_trace add column in_search boolean not null default true;
update roast_trace set stale = true;
