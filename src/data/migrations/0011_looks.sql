-- Looks: when a colour is looked at in which light, kept once they are taken, moved, dropped, handed out or added by hand.
alter table visit add column plan jsonb not null default '{}'::jsonb;
create table look (
  id uuid primary key,
  room_id uuid not null references room (id),
  number int4 not null check (number between 1 and 9999),
  light text not null check (light in ('clear', 'broken', 'overcast', 'lamps', 'both')),
  from_hour float8 check (from_hour between 0 and 24),
  to_hour float8 check (to_hour between 0 and 24),
  walls text[] not null,
  candidate_ids uuid[] not null,
  who text not null check (who in ('consultant', 'client')),
  date date,
  decides text not null check (length(decides) <= 500),
  missed text not null check (length(missed) <= 500),
  by_hand boolean not null,
  state text not null check (state in ('planned', 'taken', 'dropped')),
  reason text not null check (length(reason) <= 300),
  taken_at timestamptz,
  retired boolean not null default false,
  check ((state = 'taken') = (taken_at is not null))
);
create index look_room on look (room_id);

-- A verdict says at which look it was given.
alter table verdict add column look_id uuid references look (id);

-- Looks handed to the client, and what came back.
create table look_hand (
  id uuid primary key,
  seq int8 generated always as identity,
  visit_id uuid not null references visit (id),
  key text not null check (key ~ '^[A-Za-z0-9_-]{22}$'),
  look_ids uuid[] not null,
  at timestamptz not null
);
create index look_hand_visit on look_hand (visit_id);
create table look_answer (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  look_id uuid not null references look (id),
  candidate_id uuid not null references candidate (id),
  verdict text not null check (verdict in ('works', 'nearly', 'no')),
  words text not null check (length(words) <= 300),
  looked_at timestamptz not null,
  hand_id uuid not null,
  at timestamptz not null
);
create index look_answer_room on look_answer (room_id);
create table look_answer_undo (
  id uuid primary key references operation (id),
  answer_id uuid not null references look_answer (id),
  undone boolean not null,
  at timestamptz not null
);
create index look_answer_undo_answer on look_answer_undo (answer_id);
create trigger look_answer_append_only before update or delete on look_answer for each row execute function refuse_change();
create trigger look_answer_undo_append_only before update or delete on look_answer_undo for each row execute function refuse_change();
create trigger look_hand_append_only before update or delete on look_hand for each row execute function refuse_change();
