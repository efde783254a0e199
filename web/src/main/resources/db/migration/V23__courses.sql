-- Courses: what grows in them and on which days they are; and the class each lesson has, with what the lesson was to be when it was drafted.
create table course (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    group_id   uuid,
    title      text not null,
    course     jsonb not null,
    days       jsonb not null,
    changes    jsonb not null default '[]',
    -- what it was before the last change, with its lessons, so that it can be taken back
    before     jsonb,
    made_at    timestamptz not null,
    primary key (studio_id, id),
    constraint course_group foreign key (studio_id, group_id) references class_group (studio_id, id)
);
create index course_of_teacher on course (studio_id, teacher_id, made_at desc);

create table lesson (
    studio_id uuid not null,
    course_id uuid not null,
    n         integer not null constraint lesson_n check (n between 1 and 2000),
    class_id  uuid not null,
    cell      jsonb not null,
    flow      text,
    -- the flow that goes on, with what waits for more rounds
    whole     jsonb,
    words     jsonb not null default '[]',
    primary key (studio_id, course_id, n),
    constraint lesson_course foreign key (studio_id, course_id) references course (studio_id, id) on delete cascade,
    constraint lesson_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);
create index lesson_of_class on lesson (studio_id, class_id);
