-- What was answered in practice: one row a sitting.
create table practice_set (
  id uuid primary key,
  at timestamptz not null,
  exercise text not null,
  answers jsonb not null
);
-- How the consultant's eye is practised and learnt from: one row, or none.
create table eye_settings (
  one boolean primary key default true check (one),
  settings jsonb not null
);
