-- The LRV a maker prints, kept beside what is computed.
alter table deck_colour add column lrv float8 check (lrv between 0 and 100);
-- Several wishes and several hours of use for a room, and as many reasons for a verdict as are true: the first leads, the rest follow in order.
alter table room add column more_wishes jsonb not null default '[]';
alter table room drop constraint room_use_check;
alter table room add constraint room_use_check
  check (use in ('morning', 'day', 'evening', 'morning-day', 'morning-evening', 'day-evening', 'all'));
alter table verdict_reason add column more jsonb not null default '[]';
-- A room that was said to have no window, and through which door it has its light.
alter table room add column windowless boolean not null default false;
alter table room add column light_from text not null default '' check (length(light_from) <= 60);
-- How a visit speaks where it is otherwise than usual at its place.
alter table visit add column habits jsonb not null default '{}';
