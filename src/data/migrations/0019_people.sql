-- Who is to be reached about a visit; what was not said is read as empty.
alter table visit add column people jsonb not null default '{}';
-- What a maker's products are called on its tins.
alter table maker add column products jsonb not null default '{}';
-- Who hands papers over: one card, or none.
create table consultant_card (
  one boolean primary key default true check (one),
  card jsonb not null
);
