-- What was taken back can be put back: an undoing says which it is, and the last one holds. A reason can be taken back too.
alter table verdict_undo drop constraint verdict_undo_verdict_id_key;
alter table verdict_undo add column undone boolean not null default true;
create index verdict_undo_verdict on verdict_undo (verdict_id);
alter table pair_pick_undo drop constraint pair_pick_undo_pick_id_key;
alter table pair_pick_undo add column undone boolean not null default true;
create index pair_pick_undo_pick on pair_pick_undo (pick_id);
alter table light_reading_undo drop constraint light_reading_undo_reading_id_key;
alter table light_reading_undo add column undone boolean not null default true;
create index light_reading_undo_reading on light_reading_undo (reading_id);
alter table verdict_reason alter column reason drop not null;

-- A colour alone: of its intensity, not of what it does beside something.
create table intensity (
  id uuid primary key references operation (id),
  room_id uuid not null references room (id),
  candidate_id uuid not null references candidate (id),
  light text not null check (light in ('window-day', 'overcast', 'lamps')),
  person text not null check (person in ('consultant', 'client')),
  intensity text not null check (intensity in ('right', 'too-strong', 'too-weak', 'too-dark', 'too-light')),
  moment jsonb,
  at timestamptz not null
);
create index intensity_room on intensity (room_id);
create table intensity_undo (
  id uuid primary key references operation (id),
  intensity_id uuid not null references intensity (id),
  undone boolean not null,
  at timestamptz not null
);
create index intensity_undo_intensity on intensity_undo (intensity_id);
create trigger intensity_append_only before update or delete on intensity for each row execute function refuse_change();
create trigger intensity_undo_append_only before update or delete on intensity_undo for each row execute function refuse_change();

-- The brief in full, the day of the visit, and where it is kept.
alter table room add column must_not_change text not null default '' check (length(must_not_change) <= 500);
alter table room add column annoys text not null default '' check (length(annoys) <= 500);
alter table room add column may_change text not null default '' check (length(may_change) <= 500);
alter table visit add column decides text not null default '' check (length(decides) <= 200);
alter table visit add column budget text not null default '' check (length(budget) <= 200);
alter table visit add column painter text not null default '' check (length(painter) <= 200);
alter table visit add column built_year int4 check (built_year between 1000 and 2200);
alter table visit add column visited_on date;
alter table visit add column shelf text not null default 'current' check (shelf in ('current', 'archived', 'deleted'));
