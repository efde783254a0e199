-- The language the teacher reads pose names in, as a code of the catalogue's; null is English.
alter table teacher add column names_in text;
