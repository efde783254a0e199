-- The teacher's own time zone; null is the studio machine's.
alter table teacher add column zone text;

-- Whether a class really was taught: one that ended within a minute, or within half of what was planned, was only tried out.
alter table taught_class add column counts boolean not null generated always as (
    started_at is not null
    and (ended_at is null or ended_at - started_at >= least(interval '1 minute', planned_ms * interval '0.5 milliseconds'))
) stored;
