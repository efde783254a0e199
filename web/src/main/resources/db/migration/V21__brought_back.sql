-- A file a teacher brings back, in pieces, until it is taken or forgotten.
create table brought_piece (
    studio_id  uuid not null references studio (id),
    teacher_id uuid not null references teacher (id),
    n          integer not null constraint brought_piece_n check (n between 0 and 199),
    bytes      bytea not null,
    at         timestamptz not null,
    primary key (studio_id, teacher_id, n)
);
