-- lists say how likely a finding reads, in a word that core chooses; worked out anew with the trace
alter table roast_trace add column chance varchar(20);
alter table roast_trace drop column probability;
update roast_trace set stale = true;
