-- The journal is a file now; a row's place is that of its line. Pictures are files too, and what stands here is what is known of them.
alter table operation alter column seq drop identity;
alter table picture alter column jpeg drop not null;
alter table picture alter column kept_at drop default;
alter table picture add column sha256 text not null default '';
alter table picture alter column sha256 drop default;

-- Which decks that ship with the product are in: they are loaded again when the product brings others.
create table shipped (
  one boolean primary key default true check (one),
  version text not null
);
