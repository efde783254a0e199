-- What the teacher says of a class when it is over: how many came, how many for the first time, and how it felt to them, in words without names.
alter table taught_class add column people integer constraint taught_class_people check (people between 0 and 300);
alter table taught_class add column first_timers integer constraint taught_class_first_timers check (first_timers between 0 and people);
alter table taught_class add column felt text not null default '';
