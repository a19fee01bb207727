-- two who write one contract: the second is told
alter table contract add column version bigint not null default 0;
