-- The LRV a maker prints, kept beside what is computed.
alter table deck_colour add column lrv float8 check (lrv between 0 and 100);
