-- Rooms that are no boxes: their plan, slopes, roof windows and what stands in them; walls by any number. Light through open doors.
alter table room add column shape jsonb;
alter table room add column borrows boolean not null default false;
alter table room_window drop constraint room_window_wall_check;
alter table room_window add constraint room_window_wall_check check (wall between 0 and 39);
