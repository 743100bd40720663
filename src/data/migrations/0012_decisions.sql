-- What of a room is painted, what was decided of it, who signed it, and what quantities are worked out by.
alter table room add column paintwork jsonb not null default '{}'::jsonb;
alter table visit add column supply jsonb not null default '{}'::jsonb;

create table decision (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  surfaces text[] not null check (cardinality(surfaces) between 1 and 80),
  what text not null check (what in ('paint', 'leave', 'open')),
  candidate_id uuid references candidate (id),
  sheen text not null check (sheen in ('matte', 'eggshell', 'satin', 'semi-gloss', 'gloss')),
  finish text not null check (finish in ('wall', 'trim', 'ceiling', 'cabinet', 'outside')),
  coats int4 not null check (coats between 1 and 6),
  primer text not null check (primer in ('none', 'spots', 'full')),
  undercoat text not null check (undercoat in ('none', 'white', 'grey', 'tinted')),
  why text not null check (length(why) <= 500),
  at timestamptz not null,
  check ((what = 'paint') = (candidate_id is not null))
);
create index decision_room on decision (room_id);
create table decision_undo (
  id uuid primary key references operation (id),
  decision_id uuid not null references decision (id),
  undone boolean not null,
  at timestamptz not null
);
create index decision_undo_decision on decision_undo (decision_id);

-- Every signing keeps what was signed, whole.
create table signature (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  signed_by text not null check (length(signed_by) between 1 and 200),
  signed_on date not null,
  why text not null check (length(why) <= 500),
  decided jsonb not null,
  at timestamptz not null
);
create index signature_room on signature (room_id);
create trigger decision_append_only before update or delete on decision for each row execute function refuse_change();
create trigger decision_undo_append_only before update or delete on decision_undo for each row execute function refuse_change();
create trigger signature_append_only before update or delete on signature for each row execute function refuse_change();
