-- What happened in a room belongs to that room: the same id in another class is another moment.
alter table taught_moment drop constraint taught_moment_pkey;
alter table taught_moment add primary key (studio_id, taught_id, id);

-- The clock of the device was wrong or jumped: the times are as near as could be told.
alter table taught_class add column odd_clock boolean not null default false;
-- How far its times were put forward; known once it has begun.
alter table taught_class add column shift_ms bigint;
