-- What belongs to a studio of several teachers: rooms, groups, poses, ladders, flows and words for themes, each as it was put there.
-- Whoever takes one has a copy of her own under the same key, and is told when the studio's has changed since.
create table house_thing (
    studio_id uuid not null references studio (id) on delete cascade,
    id        uuid not null,
    kind      text not null constraint house_thing_kind check (kind in ('room', 'group', 'pose', 'ladder', 'flow', 'words')),
    key       text not null constraint house_thing_key check (length(key) between 1 and 120),
    name      text not null constraint house_thing_name check (length(name) between 1 and 200),
    content   jsonb not null,
    version   integer not null,
    -- empty once she is gone: it stays the studio's
    put_by    uuid references teacher (id) on delete set null,
    put_at    timestamptz not null,
    primary key (studio_id, id),
    constraint house_thing_once unique (studio_id, kind, key)
);
create index house_thing_of on house_thing (put_by);

create table house_taken (
    studio_id  uuid not null,
    teacher_id uuid not null,
    house_id   uuid not null,
    thing_id   uuid not null,
    version    integer not null,
    taken_at   timestamptz not null,
    primary key (studio_id, teacher_id, house_id, thing_id),
    foreign key (studio_id, teacher_id) references teacher (studio_id, id) on delete cascade,
    foreign key (house_id, thing_id) references house_thing (studio_id, id) on delete cascade
);
create index house_taken_thing on house_taken (house_id, thing_id);

-- The rules a studio goes by, in the words of a school's settings; empty while it has none.
alter table studio add column rules text;
alter table studio add constraint studio_rules check (length(rules) <= 20000) not valid;
alter table studio validate constraint studio_rules;
