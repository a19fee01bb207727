create table known_device (
    token_hash char(64) primary key,
    seen_at timestamp with time zone not null
);

-- when the answers of a triangle were counted: from then on they are fixed
alter table cupping add column counted_at timestamp with time zone;
