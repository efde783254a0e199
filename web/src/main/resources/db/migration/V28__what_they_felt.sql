-- What people said they felt while a class was taught: words of closed lists, never names.
alter table taught_class add column sensations jsonb not null default '[]';
