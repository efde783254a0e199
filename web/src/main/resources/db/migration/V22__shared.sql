-- Links by which a class can be read without signing in, for a while; what of it is shown stands in shows.
create table shared_class (
    hash       bytea primary key,
    studio_id  uuid not null,
    id         uuid not null,
    teacher_id uuid not null references teacher (id),
    class_id   uuid not null,
    shows      jsonb not null,
    made_at    timestamptz not null,
    ends_at    timestamptz not null,
    constraint shared_class_id unique (studio_id, id),
    constraint shared_class_class foreign key (studio_id, class_id) references yoga_class (studio_id, id) on delete cascade
);
create index shared_class_of_class on shared_class (studio_id, class_id);
