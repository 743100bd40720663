-- What was still open of the colours when they were signed.
alter table signature add column left_open text not null default '' check (length(left_open) <= 2000);
