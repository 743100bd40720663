-- Pictures that were computed here: what they show. They are no photographs.
alter table photo add column predicted text not null default '' check (length(predicted) <= 300);
