-- Ladders of a teacher's own, and on which rungs how many mats of a group worked: numbers, never who.
create table own_ladder (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    ladder     text not null constraint own_ladder_id check (ladder ~ '^own-[a-z0-9-]+$' and length(ladder) <= 80),
    entry      jsonb not null,
    version    integer not null,
    changed_at timestamptz not null,
    primary key (studio_id, teacher_id, ladder)
);

create table rung_mats (
    studio_id uuid not null,
    id        uuid not null,
    group_id  uuid not null,
    ladder    text not null,
    day       date not null,
    on_rung   jsonb not null,
    primary key (studio_id, id),
    constraint rung_mats_once unique (studio_id, group_id, ladder, day),
    constraint rung_mats_group foreign key (studio_id, group_id) references class_group (studio_id, id) on delete cascade
);
