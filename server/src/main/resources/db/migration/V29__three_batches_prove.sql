-- a change is confirmed by three roasts of each side at least: what was told of fewer is an estimate
create table trace_proof_batch (
    proof_id bigint not null references trace_proof (id) on delete cascade,
    roast_id bigint not null references roast (id) on delete cascade,
    changed boolean not null,
    primary key (proof_id, roast_id)
);
insert into trace_proof_batch (proof_id, roast_id, changed) select id, before_id, false from trace_proof;
insert into trace_proof_batch (proof_id, roast_id, changed) select id, after_id, true from trace_proof;
update trace_proof set outcome = 'estimate' where outcome is not null;
alter table trace_proof drop column certainty;
alter table trace_proof alter column shown varchar(600);
