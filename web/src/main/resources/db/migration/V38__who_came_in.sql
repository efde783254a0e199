-- Every sign-in, for the owner of the account: when, with which browser, how.
create table came_in (
    studio_id  uuid not null,
    teacher_id uuid not null,
    id         uuid not null,
    at         timestamptz not null,
    browser    text not null,
    how        text not null constraint came_in_how check (how in ('password', 'code', 'passkey')),
    primary key (studio_id, id),
    foreign key (studio_id, teacher_id) references teacher (studio_id, id) on delete cascade
);
create index came_in_of on came_in (studio_id, teacher_id, at desc);
create index came_in_at on came_in (at);
