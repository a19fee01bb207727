-- what lists need stands ready: whether a log can teach the roaster's model, and what each cupped roast traces back to
alter table roast add column gas_logged boolean default false not null;

create table roast_trace (
    roast_id bigint primary key references roast (id) on delete cascade,
    cause varchar(40),
    standing varchar(20),
    final_score double precision,
    rules_version integer not null,
    stale boolean not null
);
insert into roast_trace (roast_id, rules_version, stale)
    select distinct roast_id, 0, true from sheet where final_score is not null;
create index roast_trace_stale on roast_trace (stale);
create index sheet_by_cupping on sheet (cupping_id);
