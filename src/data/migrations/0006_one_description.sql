-- The journal says which visit an operation belongs to and in which version it was written, so that a page can be told what changed.
alter table operation disable trigger operation_append_only;
alter table operation add column version int4 not null default 0;
alter table operation add column visit_id uuid;
update operation o set visit_id = coalesce(
  (o.write->>'visitId')::uuid,
  (select r.visit_id from room r where r.id = (o.write->>'roomId')::uuid));
alter table operation enable trigger operation_append_only;
create index operation_visit on operation (visit_id, seq);

-- A place in an order is one word everywhere; a position is where in a room a sample is held.
alter table room rename column position to ordinal;
alter table room_window rename column position to ordinal;
alter table lamp rename column position to ordinal;
alter table stay rename column position to ordinal;
alter table component rename column position to ordinal;
alter table candidate rename column position to ordinal;

-- A prediction says where it was made; a verdict that nobody predicted has none. Verdicts without a moment were predicted as in the deck;
-- of the others it is not known any more.
alter table verdict disable trigger verdict_append_only;
alter table verdict alter column predicted drop not null;
alter table verdict add column predicted_in text check (predicted_in in ('deck', 'light'));
update verdict set predicted_in = 'deck' where moment is null;
update verdict set moment = moment || '{"lux": null}'::jsonb where moment is not null;
alter table verdict enable trigger verdict_append_only;

-- Pictures are kept by the hash of the file that was handed in, so that an operation can name one.
create table picture (
  hash text primary key check (hash ~ '^[0-9a-f]{64}$'),
  jpeg bytea not null,
  width int4 not null check (width > 0),
  height int4 not null check (height > 0),
  kept_at timestamptz not null default now()
);
insert into picture (hash, jpeg, width, height)
  select distinct on (sha256(jpeg)) encode(sha256(jpeg), 'hex'), jpeg, width, height from photo;
alter table photo add column picture text references picture (hash);
update photo set picture = encode(sha256(jpeg), 'hex');
alter table photo alter column picture set not null;
alter table photo drop column jpeg;
