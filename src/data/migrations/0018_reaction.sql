-- What the client makes of a colour, of the colour as a whole.
create table reaction (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  candidate_id uuid not null references candidate (id),
  reaction text not null check (reaction in ('likes', 'unsure', 'dislikes')),
  moment jsonb,
  seen text not null check (seen in ('in-room', 'on-screen', 'photograph')),
  at timestamptz not null
);
create index reaction_room on reaction (room_id);
create table reaction_undo (
  id uuid primary key references operation (id),
  reaction_id uuid not null references reaction (id),
  undone boolean not null,
  at timestamptz not null
);
create index reaction_undo_reaction on reaction_undo (reaction_id);
create trigger reaction_append_only before update or delete on reaction for each row execute function refuse_change();
create trigger reaction_undo_append_only before update or delete on reaction_undo for each row execute function refuse_change();
