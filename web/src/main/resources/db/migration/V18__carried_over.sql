-- What a class owes the next time it is taught: from its log and its rehearsals, until it is done or dismissed.
create table carried (
    studio_id  uuid not null,
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    class_id   uuid not null,
    source_id  uuid not null,
    kind       text not null,
    node       text,
    words      text not null,
    at         timestamptz not null,
    settled_at timestamptz,
    done       boolean,
    primary key (studio_id, id),
    constraint carried_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);
create index carried_of_class on carried (studio_id, class_id, at) where settled_at is null;
