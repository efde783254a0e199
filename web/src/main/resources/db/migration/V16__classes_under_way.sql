-- The plan a class was opened with, and which version of it: what follows can be reckoned anew whatever becomes of the class.
alter table taught_class add column plan jsonb;
alter table taught_class add column class_version integer;
-- How it left its plan: what was taken, when and in which words.
alter table taught_class add column changes jsonb not null default '[]';
-- Whether its end was told to the class once: flows that alternate from class to class turn once.
alter table taught_class add column end_told boolean not null default false;
update taught_class set end_told = true where ended_at is not null;

-- Where it stands right now, for a second device and for those who look on; the device that teaches it.
create table room_live (
    studio_id  uuid not null,
    taught_id  uuid not null,
    device     text not null,
    state      text not null,
    course     text,
    told_at    timestamptz not null,
    primary key (studio_id, taught_id),
    constraint room_live_class foreign key (studio_id, taught_id) references taught_class (studio_id, id) on delete cascade
);

-- Links by which somebody may look on for a while.
create table room_guest (
    hash      bytea primary key,
    studio_id uuid not null,
    taught_id uuid not null,
    ends_at   timestamptz not null,
    constraint room_guest_class foreign key (studio_id, taught_id) references taught_class (studio_id, id) on delete cascade
);
create index room_guest_class on room_guest (studio_id, taught_id);

-- Classes gone through without people: where the teacher stumbled, and what took other than it should.
create table rehearsal (
    studio_id  uuid not null references studio (id),
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    class_id   uuid not null,
    way        text not null,
    at         timestamptz not null,
    took_ms    bigint not null,
    planned_ms bigint not null,
    places     jsonb not null,
    primary key (studio_id, id),
    constraint rehearsal_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);
create index rehearsal_of_class on rehearsal (studio_id, class_id, at desc);
