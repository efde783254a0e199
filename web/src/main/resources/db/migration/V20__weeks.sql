-- Which group it was taught to, what it had in it and how long its slot was; whether it was written down afterwards, without the room; when it was deleted.
-- One that is deleted counts no more.
alter table taught_class
    add column group_id uuid,
    add column covered jsonb,
    add column slot_ms bigint,
    add column by_hand boolean not null default false,
    add column deleted_at timestamptz,
    drop column counts;
alter table taught_class add column counts boolean not null generated always as (
    deleted_at is null
    and started_at is not null
    and (ended_at is null or ended_at - started_at >= least(interval '1 minute', planned_ms * interval '0.5 milliseconds'))
) stored;
update taught_class set slot_ms = (script ->> 'slotMs')::bigint;
update taught_class t set group_id = c.group_id from yoga_class c where c.studio_id = t.studio_id and c.id = t.class_id;

-- What was put right in a log: what it said before and what it says now.
create table taught_correction (
    studio_id uuid not null,
    id        uuid not null,
    taught_id uuid not null,
    at        timestamptz not null,
    words     text not null,
    primary key (studio_id, id),
    constraint taught_correction_class foreign key (studio_id, taught_id) references taught_class (studio_id, id) on delete cascade
);
create index taught_correction_of_class on taught_correction (studio_id, taught_id, at);

-- The log a group's tries of a rung were read off; null for those typed by themselves.
alter table rung_tries add column taught_id uuid;
create unique index rung_tries_of_log on rung_tries (studio_id, taught_id, ladder) where taught_id is not null;
