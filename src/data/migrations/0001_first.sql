-- Every write of the product, in the order it was done: the journal the tables below could be rebuilt from.
create table operation (
  id uuid primary key,
  seq bigint generated always as identity unique,
  name text not null,
  at timestamptz not null,
  write jsonb not null
);

create table maker (
  id text primary key,
  name text not null,
  base_l float8 not null check (base_l between 0 and 100),
  base_a float8 not null,
  base_b float8 not null
);

create table deck_colour (
  id text primary key,
  maker_id text not null references maker (id),
  code text not null,
  name text not null,
  strip text not null,
  step int4 not null,
  l float8 not null check (l between 0 and 100),
  a float8 not null,
  b float8 not null,
  unique (maker_id, code)
);
create index deck_colour_name on deck_colour (lower(name));

create table visit (
  id uuid primary key,
  label text not null check (length(label) between 1 and 200),
  place_name text not null,
  latitude float8 not null check (latitude between -90 and 90),
  longitude float8 not null check (longitude between -180 and 180),
  time_zone text not null,
  units text not null check (units in ('metric', 'imperial')),
  revision int4 not null default 1,
  created_at timestamptz not null
);

create table room (
  id uuid primary key,
  visit_id uuid not null references visit (id),
  name text not null check (length(name) between 1 and 200),
  position int4 not null,
  bearing_deg float8 check (bearing_deg between 0 and 360),
  old_wall jsonb,
  revision int4 not null default 1,
  retired boolean not null default false
);
create index room_visit on room (visit_id, position);

create table room_window (
  id uuid primary key,
  room_id uuid not null references room (id),
  position int4 not null,
  wall int4 not null check (wall between 0 and 3),
  width_m float8 not null check (width_m > 0),
  height_m float8 not null check (height_m > 0)
);
create index room_window_room on room_window (room_id);

create table lamp (
  id uuid primary key,
  room_id uuid not null references room (id),
  position int4 not null,
  name text not null,
  cct_k float8 not null check (cct_k between 1500 and 10000)
);
create index lamp_room on lamp (room_id);

create table stay (
  id uuid primary key,
  room_id uuid not null references room (id),
  name text not null check (length(name) between 1 and 200),
  kind text not null check (kind in ('fixed', 'furnishing')),
  school text not null check (school in ('share', 'answer')),
  position int4 not null,
  retired boolean not null default false
);
create index stay_room on stay (room_id, position);

create table component (
  id uuid primary key,
  stay_id uuid not null references stay (id),
  name text not null,
  share float8 not null check (share > 0 and share <= 1),
  colour jsonb not null,
  position int4 not null
);
create index component_stay on component (stay_id, position);

create table candidate (
  id uuid primary key,
  room_id uuid not null references room (id),
  deck_colour_id text not null references deck_colour (id),
  strength int4 not null check (strength between 10 and 150),
  position int4 not null,
  retired boolean not null default false,
  unique (room_id, deck_colour_id, strength)
);
create index candidate_room on candidate (room_id, position);

create table verdict (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  candidate_id uuid not null references candidate (id),
  stay_id uuid not null references stay (id),
  light text not null check (light in ('window-day', 'overcast', 'lamps')),
  person text not null check (person in ('consultant', 'client')),
  verdict text not null check (verdict in ('works', 'nearly', 'no')),
  predicted text not null check (predicted in ('works', 'nearly', 'no')),
  at timestamptz not null
);
create index verdict_room on verdict (room_id);

create table verdict_reason (
  id uuid primary key references operation (id),
  verdict_id uuid not null references verdict (id),
  reason text not null,
  at timestamptz not null
);
create index verdict_reason_verdict on verdict_reason (verdict_id);

create table verdict_undo (
  id uuid primary key references operation (id),
  verdict_id uuid not null unique references verdict (id),
  at timestamptz not null
);

create table ruling (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  candidate_id uuid not null references candidate (id),
  ruling text check (ruling in ('works', 'nearly', 'not')),
  note text not null,
  at timestamptz not null
);
create index ruling_room on ruling (room_id);

-- Verdicts and rulings are appended, never overwritten: the database refuses anything else.
create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception '% rows are append-only', tg_table_name using errcode = '55000';
end
$$;
create trigger operation_append_only before update or delete on operation for each row execute function refuse_change();
create trigger verdict_append_only before update or delete on verdict for each row execute function refuse_change();
create trigger verdict_reason_append_only before update or delete on verdict_reason for each row execute function refuse_change();
create trigger verdict_undo_append_only before update or delete on verdict_undo for each row execute function refuse_change();
create trigger ruling_append_only before update or delete on ruling for each row execute function refuse_change();
