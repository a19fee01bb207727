-- what was counted by reading first may stand twice: the later ones get the numbers after the highest of their lot
create table renumbered as
    select d.id, m.highest + row_number() over (partition by d.lot_id order by d.id) as number_in_lot
    from (select id, lot_id, row_number() over (partition by lot_id, number_in_lot order by id) as nth from roast) d
    join (select lot_id, max(number_in_lot) as highest from roast group by lot_id) m on m.lot_id = d.lot_id
    where d.nth > 1;
update roast r set number_in_lot = (select n.number_in_lot from renumbered n where n.id = r.id)
    where r.id in (select id from renumbered);
drop table renumbered;
alter table roast add constraint roast_number_in_lot unique (lot_id, number_in_lot);

-- a log is kept once for each lot and roaster; those that were kept again on purpose have no key
alter table roast add column import_key varchar(64);
update roast r set import_key = content_hash where r.id in
    (select min(id) from roast group by lot_id, machine_id, content_hash);
alter table roast add constraint roast_import_once unique (lot_id, machine_id, import_key);

alter table lot add column version bigint default 0 not null;
alter table machine add column version bigint default 0 not null;
alter table cupping add column version bigint default 0 not null;
