-- Pictures and pieces stand beside fixed finishes and furnishings; what was kept before stays what it was.
alter table stay drop constraint stay_kind_check;
alter table stay add constraint stay_kind_check check (kind in ('fixed', 'furnishing', 'artwork'));
