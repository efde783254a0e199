-- Rooms with their props, and what a teacher knows of a weekly group: counts only, never who.

create table room (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    name       text not null constraint room_name_length check (length(name) between 1 and 80),
    mats       integer not null constraint room_mats check (mats between 1 and 200),
    wall       boolean not null,
    props      jsonb not null,
    primary key (studio_id, id)
);

create index room_of_teacher on room (studio_id, teacher_id, name);

alter table class_group
    add column mats integer not null default 12 constraint class_group_mats check (mats between 1 and 200),
    add column needs jsonb not null default '{}',
    add column style text,
    add column school text not null default '',
    add column touch_welcome integer not null default 0 constraint class_group_touch_welcome check (touch_welcome between 0 and 200),
    add column touch_ask integer not null default 0 constraint class_group_touch_ask check (touch_ask between 0 and 200),
    add column touch_none integer not null default 0 constraint class_group_touch_none check (touch_none between 0 and 200),
    add column room_id uuid,
    add constraint class_group_room foreign key (studio_id, room_id) references room (studio_id, id);
