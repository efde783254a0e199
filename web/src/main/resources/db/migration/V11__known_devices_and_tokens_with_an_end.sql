-- A browser that signed in once: guesses from elsewhere do not slow it down.
create table known_device (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    hash       bytea not null,
    seen_at    timestamptz not null,
    primary key (studio_id, teacher_id, hash)
);

-- Sign-ins that failed, a line a day, for the owner to see.
create table failed_sign_in (
    studio_id    uuid not null references studio (id),
    teacher_id   uuid not null references teacher (id),
    day          date not null,
    times        integer not null,
    last_at      timestamptz not null,
    last_address text not null,
    primary key (studio_id, teacher_id, day)
);

-- What a token may do, and until when. Those made before may do what they did, for a while.
alter table api_token add column may_write boolean not null default true;
alter table api_token add column ends_at timestamptz;
update api_token set ends_at = now() + interval '90 days';
alter table api_token alter column ends_at set not null;
alter table api_token alter column may_write drop default;

-- Counts of tries say now when they may go on.
create index sign_in_failure_last on sign_in_failure (last_at);
