-- The colour rendering on an LED's label; null is the usual of its kind.
alter table lamp add column ra float8 check (ra between 70 and 97);
