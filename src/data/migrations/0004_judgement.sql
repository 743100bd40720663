-- What the client wants of a room.
alter table room add column wish text check (wish in ('warmer', 'calmer', 'lighter', 'deeper', 'more-colour'));
alter table room add column wish_words text not null default '' check (length(wish_words) <= 500);

-- The moment of the day a verdict was given in, and how long a first glance took.
alter table verdict add column moment jsonb;
alter table verdict add column first_glance_ms int4 check (first_glance_ms between 0 and 600000);

-- The client's picks between two colours.
create table pair_pick (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  chosen_id uuid not null references candidate (id),
  other_id uuid not null references candidate (id),
  at timestamptz not null,
  check (chosen_id <> other_id)
);
create index pair_pick_room on pair_pick (room_id);
create table pair_pick_undo (
  id uuid primary key references operation (id),
  pick_id uuid not null unique references pair_pick (id),
  at timestamptz not null
);
create trigger pair_pick_append_only before update or delete on pair_pick for each row execute function refuse_change();
create trigger pair_pick_undo_append_only before update or delete on pair_pick_undo for each row execute function refuse_change();

-- Notes on a room or on one of its candidates.
create table note (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  candidate_id uuid references candidate (id),
  words text not null check (length(words) between 1 and 2000),
  at timestamptz not null
);
create index note_room on note (room_id);
-- Taken away or put back; the last one holds.
create table note_removal (
  id uuid primary key references operation (id),
  note_id uuid not null references note (id),
  removed boolean not null,
  at timestamptz not null
);
create index note_removal_note on note_removal (note_id);
create trigger note_append_only before update or delete on note for each row execute function refuse_change();
create trigger note_removal_append_only before update or delete on note_removal for each row execute function refuse_change();

-- Photographs, turned upright, made smaller and freed of everything but the picture before they come here.
create table photo (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  jpeg bytea not null,
  width int4 not null check (width > 0),
  height int4 not null check (height > 0),
  caption text not null default '' check (length(caption) <= 200),
  settings text not null default 'unknown' check (settings in ('locked', 'automatic', 'unknown')),
  white jsonb,
  retired boolean not null default false,
  at timestamptz not null
);
create index photo_room on photo (room_id);

-- Schemes for a room: wall, trim and accents.
create table scheme (
  id uuid primary key,
  room_id uuid not null references room (id),
  name text not null check (length(name) between 1 and 200),
  wall_id uuid references candidate (id),
  trim_id uuid references candidate (id),
  accent_ids uuid[] not null default '{}',
  retired boolean not null default false
);
create index scheme_room on scheme (room_id);
