-- Links that were mailed: for a forgotten password, and to say that a new e-mail address is one's own. Only the hash of a link is here.
create table mailed_secret (
    secret     bytea primary key,
    teacher_id uuid not null references teacher (id),
    email      text,
    ends_at    timestamptz not null
);
create index mailed_secret_of on mailed_secret (teacher_id);
