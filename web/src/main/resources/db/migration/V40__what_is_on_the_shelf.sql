-- What a thing on a studio's shelf is, in a few words for its row.
alter table house_thing add column about text not null default '';
alter table house_thing add constraint house_thing_about check (length(about) <= 200) not valid;
alter table house_thing validate constraint house_thing_about;
