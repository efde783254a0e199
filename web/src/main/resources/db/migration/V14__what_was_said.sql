-- Which words of the theme were said, by the names they have in the script.
alter table taught_class add column said text[] not null default '{}';
