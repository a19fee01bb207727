-- cups of which the answer was read before anybody had judged them
create table trace_shown (
    roast_id bigint primary key references roast (id) on delete cascade,
    shown_by varchar(120) not null,
    shown_at timestamp with time zone not null
);
-- whether a verdict was given before its answer was read
alter table trace_verdict add column judged_first boolean default false not null;
