-- Drafts a teacher is looking at, the brief they came from, the teacher's own words for themes, and tries of rungs.

create table draft (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    set_id     uuid not null,
    ordinal    integer not null,
    idea       bigint not null,
    brief      jsonb not null,
    plan       jsonb not null,
    made_at    timestamptz not null,
    primary key (studio_id, id)
);

create index draft_of_set on draft (studio_id, set_id, ordinal);
create index draft_of_teacher on draft (studio_id, teacher_id, made_at desc);

create table theme_words (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    words      text not null constraint theme_words_length check (length(words) <= 20000),
    primary key (studio_id, teacher_id)
);

create table rung_tries (
    studio_id     uuid not null,
    id            uuid not null,
    group_id      uuid not null,
    ladder        text not null,
    day           date not null,
    rung          integer not null constraint rung_tries_rung check (rung between 1 and 50),
    tries         integer not null constraint rung_tries_tries check (tries between 1 and 50),
    clean         integer not null constraint rung_tries_clean check (clean between 0 and tries),
    smooth        boolean not null,
    right_seconds integer,
    left_seconds  integer,
    pain          boolean not null,
    primary key (studio_id, id),
    constraint rung_tries_group foreign key (studio_id, group_id) references class_group (studio_id, id) on delete cascade
);

create index rung_tries_of_group on rung_tries (studio_id, group_id, ladder, day);
