-- Things that stay are edited one by one: each carries its own revision, so that editing the room's light is no conflict.
alter table stay add column revision int4 not null default 1;

-- Colourants with their absorption and scattering, and makers' untinted paints.
create table tint_system (
  id text primary key,
  name text not null,
  shot_ml float8 not null check (shot_ml > 0),
  surface jsonb not null,
  colourants jsonb not null
);

create table base (
  id text primary key,
  maker_id text not null references maker (id),
  kind text not null check (kind in ('white', 'pastel', 'deep', 'clear')),
  name text not null,
  l float8 not null check (l between 0 and 100),
  a float8 not null,
  b float8 not null,
  spectrum jsonb,
  optical jsonb
);
create index base_maker on base (maker_id);

insert into base (id, maker_id, kind, name, l, a, b)
  select id || ':white', id, 'white', 'white base', base_l, base_a, base_b from maker;

alter table maker add column tint_system_id text references tint_system (id);
alter table deck_colour add column base_id text references base (id);
update deck_colour set base_id = maker_id || ':white';
alter table deck_colour alter column base_id set not null;
alter table deck_colour add column spectrum jsonb;
alter table deck_colour add column formula jsonb;
alter table deck_colour add column import_id uuid references operation (id);
alter table maker drop column base_l;
alter table maker drop column base_a;
alter table maker drop column base_b;
