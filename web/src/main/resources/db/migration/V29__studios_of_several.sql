-- A studio of several teachers. Each teacher keeps a studio of their own, which is where what is theirs lies; this is where they meet.
alter table studio add column shared boolean not null default false;

create table house_member (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    role       text not null constraint house_member_role check (role in ('owner', 'teacher', 'substitute', 'guest')),
    joined_at  timestamptz not null,
    primary key (studio_id, teacher_id)
);
create index house_member_of on house_member (teacher_id);

create table house_invitation (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    role       text not null constraint house_invitation_role check (role in ('owner', 'teacher', 'substitute', 'guest')),
    email      text not null,
    secret     bytea not null constraint house_invitation_secret unique,
    made_at    timestamptz not null,
    ends_at    timestamptz not null,
    primary key (studio_id, id)
);

create table house_class (
    studio_id       uuid not null references studio (id),
    id              uuid not null,
    class_studio_id uuid not null,
    class_id        uuid not null,
    teacher_id      uuid not null references teacher (id),
    template        boolean not null default false,
    shared_at       timestamptz not null,
    primary key (studio_id, id),
    constraint house_class_once unique (studio_id, class_id),
    foreign key (class_studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);

create table house_remark (
    studio_id      uuid not null references studio (id),
    id             uuid not null,
    house_class_id uuid not null,
    node           text not null,
    line           text not null,
    words          text not null constraint house_remark_words check (length(words) between 1 and 500),
    teacher_id     uuid not null references teacher (id),
    made_at        timestamptz not null,
    resolved_at    timestamptz,
    primary key (studio_id, id),
    foreign key (studio_id, house_class_id) references house_class (studio_id, id) on delete cascade
);

create table house_event (
    studio_id uuid not null references studio (id),
    id        uuid not null,
    at        timestamptz not null,
    who       text not null,
    what      text not null,
    primary key (studio_id, id)
);
create index house_event_of on house_event (studio_id, at desc);
