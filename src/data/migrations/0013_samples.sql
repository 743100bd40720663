-- Colours of a room in real paint: how they are put up, when they were painted, and what they dried to.
create table sample (
  id uuid primary key,
  room_id uuid not null references room (id),
  candidate_id uuid not null references candidate (id),
  method text not null check (method in ('board', 'patch', 'card')),
  width_m float8 not null check (width_m > 0 and width_m <= 10),
  height_m float8 not null check (height_m > 0 and height_m <= 10),
  border_m float8 not null check (border_m between 0 and 0.3),
  coats int4 not null check (coats between 1 and 4),
  painted_at timestamptz,
  read jsonb,
  reason text not null check (length(reason) <= 300),
  retired boolean not null default false
);
create index sample_room on sample (room_id);
