-- What a teacher has taken over from her logs about her own pace, what it was before, and what she does not want to hear of again.
alter table teacher add column own_pace jsonb;
alter table teacher add column own_pace_before jsonb;
alter table teacher add column pace_refused jsonb not null default '{}';

-- Whether the room waited for the teacher's hand at this moment, so that its length is hers; null when that was not told.
alter table taught_moment add column waited boolean;
-- How long it was to be when it was done; null when that was not told.
alter table taught_moment add column planned_ms bigint;
