-- When a room is used, and what kind of room it is: by these its lights are weighed and its walls judged.
alter table room add column use text not null default 'all' check (use in ('morning', 'day', 'evening', 'all'));
alter table room add column kind text not null default 'other'
  check (kind in ('living', 'dining', 'study', 'kitchen', 'bedroom', 'bath', 'hall', 'other'));
