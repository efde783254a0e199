-- Who of a studio was asked to teach a date of somebody's group, and what she said. The date is the day the group usually meets.
create table stand_in (
    studio_id     uuid not null references studio (id),
    id            uuid not null,
    teacher_id    uuid not null,
    group_id      uuid not null,
    day           date not null,
    -- the studio both are in
    house_id      uuid not null references studio (id) on delete cascade,
    substitute_id uuid not null references teacher (id) on delete cascade,
    answer        text not null constraint stand_in_answer check (answer in ('asked', 'yes', 'no')),
    -- her copy of the class, once she has one
    copy_id       uuid,
    asked_at      timestamptz not null,
    primary key (studio_id, id),
    constraint stand_in_once unique (studio_id, group_id, day),
    foreign key (studio_id, teacher_id) references teacher (studio_id, id) on delete cascade,
    foreign key (studio_id, group_id) references class_group (studio_id, id) on delete cascade
);
create index stand_in_of_teacher on stand_in (studio_id, teacher_id, day);
create index stand_in_for on stand_in (substitute_id, day);
create index stand_in_house on stand_in (house_id);
