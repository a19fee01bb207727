-- on which form a table is written down; null where whoever writes may choose
alter table cupping add column form varchar(20);
alter table cupping add column note varchar(2000);
alter table sheet add column trail varchar(8000);
-- words on it that are not of the vocabulary, for the lead to take in
alter table sheet add column own_words varchar(4000);
-- words that a lead took into the vocabulary of the house
create table lab_word (
    word varchar(40) primary key,
    word_group varchar(20) not null,
    same_as varchar(40),
    taken_at timestamp(6) with time zone not null
);
