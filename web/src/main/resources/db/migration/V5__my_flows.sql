-- Flows a teacher keeps to put into other classes, each as text, so that it is read with the poses of the day.

create table my_flow (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    id         uuid not null,
    name       text not null constraint my_flow_name check (length(name) <= 160),
    text       text not null constraint my_flow_text check (length(text) <= 200000),
    created_at timestamptz not null,
    primary key (studio_id, teacher_id, id)
);
