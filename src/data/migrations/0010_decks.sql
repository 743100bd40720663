-- A deck can be called otherwise than its maker names it, and be put away: colours that are tried somewhere stay there.
alter table maker add column called text check (length(called) between 1 and 200);
alter table maker add column retired boolean not null default false;
