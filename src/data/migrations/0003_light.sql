-- A room as its light sees it: measures, what is outside, ceiling, and whether readings of a light meter correct what is computed.
alter table room add column width_m float8 check (width_m > 0);
alter table room add column depth_m float8 check (depth_m > 0);
alter table room add column height_m float8 check (height_m > 0);
alter table room add column ground text not null default 'paving';
alter table room add column obstruction text not null default 'masonry';
alter table room add column ceiling jsonb;
alter table room add column calibrated boolean not null default false;

alter table room_window add column left_m float8 check (left_m >= 0);
alter table room_window add column sill_m float8 check (sill_m >= 0);
alter table room_window add column glazing text not null default 'double';
alter table room_window add column curtain text not null default 'open';
alter table room_window add column obstruction_deg float8 not null default 0 check (obstruction_deg between 0 and 89);
alter table room_window add column reveal_m float8 not null default 0.1 check (reveal_m >= 0);
alter table room_window add column overhang_m float8 not null default 0 check (overhang_m >= 0);

alter table lamp add column kind text not null default 'led';
alter table lamp add column lumens float8 not null default 800 check (lumens > 0);
alter table lamp add column throws text not null default 'round' check (throws in ('round', 'down', 'up'));
alter table lamp add column x_m float8;
alter table lamp add column y_m float8;
alter table lamp add column height_m float8 check (height_m > 0);
alter table lamp add column dimmed_percent float8 not null default 100 check (dimmed_percent between 1 and 100);

-- Where a thing that stays lies in the room, and how much of that face it covers.
alter table stay add column lies text check (lies in ('floor', 'ceiling', 'walls'));
alter table stay add column cover float8 not null default 1 check (cover > 0 and cover <= 1);

create table light_reading (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  position text not null,
  lux float8 not null check (lux >= 0),
  cct_k float8,
  computed_lux float8 not null check (computed_lux >= 0),
  sky text not null check (sky in ('clear', 'broken', 'overcast')),
  lamps_on boolean not null,
  at timestamptz not null
);
create index light_reading_room on light_reading (room_id);
create table light_reading_undo (
  id uuid primary key references operation (id),
  reading_id uuid not null unique references light_reading (id),
  at timestamptz not null
);
create trigger light_reading_append_only before update or delete on light_reading for each row execute function refuse_change();
create trigger light_reading_undo_append_only before update or delete on light_reading_undo for each row execute function refuse_change();
