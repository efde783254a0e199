-- What a teacher was asked in practice, and how well she knows it.
create table practice_card (
    studio_id   uuid not null references studio (id),
    id          uuid not null,
    teacher_id  uuid not null references teacher (id),
    key         text not null constraint practice_card_key check (length(key) between 1 and 120),
    box         integer not null constraint practice_card_box check (box between 1 and 5),
    due         date not null,
    right_count integer not null,
    wrong_count integer not null,
    first_on    date not null,
    last_on     date not null,
    primary key (studio_id, id),
    constraint practice_card_once unique (studio_id, teacher_id, key)
);
