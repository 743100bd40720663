-- The picture that the colours of a thing were taken from, by its hash.
alter table stay add column picture text check (picture ~ '^[0-9a-f]{64}$');
