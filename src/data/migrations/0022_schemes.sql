-- Whole schemes: how one was made, every part of it, what is locked, what stands in it alone, and when the client picked it.
alter table scheme
  add column kind text check (kind in ('shared', 'answered', 'tonal', 'largest', 'minor')),
  add column parts jsonb not null default '[]',
  add column locked jsonb not null default '[]',
  add column things jsonb not null default '[]',
  add column picked_at timestamptz;
