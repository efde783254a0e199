-- The calendar: what is different about one date of a weekly group, what else there is, how far rooms are apart, and the link a calendar reads by.
create table meeting (
    studio_id    uuid not null references studio (id),
    id           uuid not null,
    teacher_id   uuid not null references teacher (id),
    group_id     uuid not null,
    day          date not null,
    on_day       date,
    starts_at    time,
    class_id     uuid,
    cancelled    boolean not null default false,
    substitute   text not null default '' constraint meeting_substitute check (length(substitute) <= 80),
    booked       integer constraint meeting_booked check (booked between 0 and 1000),
    first_timers integer constraint meeting_first_timers check (first_timers between 0 and 1000),
    booked_at    timestamptz,
    primary key (studio_id, id),
    constraint meeting_once unique (studio_id, group_id, day),
    constraint meeting_group foreign key (studio_id, group_id) references class_group (studio_id, id) on delete cascade,
    constraint meeting_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete set null (class_id)
);
create index meeting_of_teacher on meeting (studio_id, teacher_id, day);
create index meeting_of_class on meeting (studio_id, class_id) where class_id is not null;

create table event (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    kind       text not null constraint event_kind check (kind in ('single', 'substitution', 'imported')),
    day        date not null,
    starts_at  time,
    minutes    integer not null constraint event_minutes check (minutes between 0 and 44640),
    title      text not null constraint event_title check (length(title) between 1 and 120),
    class_id   uuid,
    room_id    uuid,
    uid        text,
    cancelled  boolean not null default false,
    primary key (studio_id, id),
    constraint event_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete set null (class_id),
    constraint event_room foreign key (studio_id, room_id) references room (studio_id, id) on delete set null (room_id)
);
create index event_of_teacher on event (studio_id, teacher_id, day);

create table room_way (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    from_room  uuid not null,
    to_room    uuid not null,
    minutes    integer not null constraint room_way_minutes check (minutes between 0 and 240),
    primary key (studio_id, id),
    constraint room_way_once unique (studio_id, from_room, to_room),
    constraint room_way_from foreign key (studio_id, from_room) references room (studio_id, id) on delete cascade,
    constraint room_way_to foreign key (studio_id, to_room) references room (studio_id, id) on delete cascade
);

create table calendar_feed (
    hash       bytea primary key,
    studio_id  uuid not null,
    teacher_id uuid not null references teacher (id),
    made_at    timestamptz not null,
    constraint calendar_feed_once unique (studio_id, teacher_id)
);
