-- Sequences a teacher recites until she knows them, and classes in which she looked for slips.
create table practice_order (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    key        text not null constraint practice_order_key check (length(key) between 1 and 160),
    title      text not null constraint practice_order_title check (length(title) between 1 and 300),
    print      text not null,
    stage      text not null constraint practice_order_stage check (stage in ('some', 'most', 'alone')),
    whole      integer not null constraint practice_order_whole check (whole between 0 and 2),
    tries      integer not null,
    said       jsonb not null,
    last_on    date not null,
    primary key (studio_id, id),
    constraint practice_order_once unique (studio_id, teacher_id, key)
);

create table practice_slips (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    title      text not null constraint practice_slips_title check (length(title) between 1 and 300),
    plan       jsonb not null,
    slips      jsonb not null,
    marked     jsonb,
    found      integer not null default 0,
    missed     integer not null default 0,
    wrong      integer not null default 0,
    made_at    timestamptz not null,
    primary key (studio_id, id)
);
create index practice_slips_of on practice_slips (studio_id, teacher_id, made_at desc);
