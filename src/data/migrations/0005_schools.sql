-- Which school a visit follows where good consultants disagree.
alter table visit add column dim_white text not null default 'warm-only' check (dim_white in ('never', 'warm-only', 'more-chroma'));
alter table visit add column fighting_light text not null default 'correct' check (fighting_light in ('correct', 'embrace'));
