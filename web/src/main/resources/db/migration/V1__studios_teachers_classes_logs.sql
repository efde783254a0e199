-- Every row carries the studio it belongs to: it is the shard key, so it leads every key.

create table studio (
    id         uuid primary key,
    name       text not null constraint studio_name_length check (length(name) between 1 and 120),
    created_at timestamptz not null
);

create table teacher (
    id            uuid primary key,
    studio_id     uuid not null references studio (id),
    email         text not null constraint teacher_email_taken unique
                  constraint teacher_email_folded check (email = lower(email)),
    name          text not null constraint teacher_name_length check (length(name) between 1 and 80),
    password_hash text not null,
    demo          boolean not null default false,
    created_at    timestamptz not null
);

create table sign_in_failure (
    key      text primary key,
    failures integer not null,
    last_at  timestamptz not null
);

create table class_group (
    studio_id    uuid not null references studio (id),
    id           uuid not null,
    teacher_id   uuid not null references teacher (id),
    name         text not null,
    weekday      smallint not null constraint class_group_weekday check (weekday between 1 and 7),
    starts_at    time not null,
    slot_minutes integer not null,
    level        text not null,
    primary key (studio_id, id)
);

create table yoga_class (
    studio_id    uuid not null references studio (id),
    id           uuid not null,
    teacher_id   uuid not null references teacher (id),
    group_id     uuid,
    title        text not null,
    theme        text not null,
    style        text not null,
    level        text not null,
    slot_minutes integer not null,
    length_ms    bigint not null,
    plan         jsonb not null,
    head         integer not null,
    redo         integer[] not null default '{}',
    version      integer not null,
    created_at   timestamptz not null,
    changed_at   timestamptz not null,
    deleted_at   timestamptz,
    primary key (studio_id, id),
    constraint yoga_class_group foreign key (studio_id, group_id) references class_group (studio_id, id)
);

create index yoga_class_of_teacher on yoga_class (studio_id, teacher_id, changed_at desc) where deleted_at is null;

-- One edit each; the class's head says which one it stands on. Revision 0 is the class as it was made.
create table revision (
    studio_id uuid not null,
    class_id  uuid not null,
    seq       integer not null,
    parent    integer,
    edit      jsonb,
    inverse   jsonb,
    label     text not null,
    at        timestamptz not null,
    snapshot  jsonb,
    primary key (studio_id, class_id, seq),
    constraint revision_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);

-- Every move of a head, by edit, undo or redo, with the nodes it touched: tells whether an edit made on an old version collides.
create table head_move (
    studio_id uuid not null,
    class_id  uuid not null,
    version   integer not null,
    kind      text not null constraint head_move_kind check (kind in ('edit', 'undo', 'redo')),
    seq       integer not null,
    nodes     text[] not null,
    primary key (studio_id, class_id, version),
    constraint head_move_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);

-- A class as it was opened in the room, with its score frozen. It is in the logbook once it has begun.
create table taught_class (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    class_id   uuid,
    title      text not null,
    level      text not null,
    planned_ms bigint not null,
    script     jsonb not null,
    opened_at  timestamptz not null,
    started_at timestamptz,
    ended_at   timestamptz,
    note       text not null default '',
    primary key (studio_id, id)
);

create index taught_class_of_teacher on taught_class (studio_id, teacher_id, started_at desc);
create index taught_class_of_class on taught_class (studio_id, class_id, started_at desc);

-- What really happened, moment by moment. The page makes the ids, so that sending twice stores once.
create table taught_moment (
    studio_id  uuid not null,
    id         uuid not null,
    taught_id  uuid not null,
    ordinal    integer not null,
    node       text not null,
    side       text,
    started_at timestamptz not null,
    ended_at   timestamptz not null,
    paused_ms  bigint not null,
    done_count integer,
    outcome    text not null constraint taught_moment_outcome check (outcome in ('done', 'skipped', 'back')),
    primary key (studio_id, id),
    constraint taught_moment_times check (ended_at >= started_at),
    constraint taught_moment_class foreign key (studio_id, taught_id) references taught_class (studio_id, id) on delete cascade
);

create index taught_moment_of_class on taught_moment (studio_id, taught_id, started_at);
