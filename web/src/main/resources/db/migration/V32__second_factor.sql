-- The secret of a telephone that makes codes, and codes for the day it is lost. Until it is confirmed nothing asks for it.
create table second_factor (
    teacher_id   uuid primary key references teacher (id),
    secret       bytea not null,
    confirmed    boolean not null default false,
    last_counter bigint not null default 0,
    recovery     bytea[] not null default '{}',
    made_at      timestamptz not null
);
