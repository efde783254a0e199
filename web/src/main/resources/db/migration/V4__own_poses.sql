-- A teacher's own poses and variations, private to them; one with the id of a shipped pose takes its place.

create table own_pose (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    pose       text not null constraint own_pose_id check (pose ~ '^[a-z0-9]+(-[a-z0-9]+)*$' and length(pose) <= 80),
    entry      jsonb not null,
    version    integer not null,
    away       boolean not null,
    created_at timestamptz not null,
    changed_at timestamptz not null,
    primary key (studio_id, teacher_id, pose)
);
