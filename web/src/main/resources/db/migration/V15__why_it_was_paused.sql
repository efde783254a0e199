-- Why a moment was paused, one of a short list; null when nobody said.
alter table taught_moment add column pause_reason text;
