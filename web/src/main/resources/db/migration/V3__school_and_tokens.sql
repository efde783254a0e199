-- Where the teacher's school differs from the usual, in the words of the notation; and personal tokens for programs.

alter table teacher add column school text not null default '';

create table api_token (
    studio_id    uuid not null references studio (id),
    id           uuid not null,
    teacher_id   uuid not null references teacher (id),
    name         text not null constraint api_token_name_length check (length(name) between 1 and 80),
    hash         bytea not null constraint api_token_hash_taken unique,
    created_at   timestamptz not null,
    last_used_at timestamptz,
    primary key (studio_id, id)
);
