-- How something that was judged had been looked at; of before this was kept it is told by its clock.
alter table verdict add column seen text check (seen in ('in-room', 'on-screen', 'photograph'));
alter table intensity add column seen text check (seen in ('in-room', 'on-screen', 'photograph'));
