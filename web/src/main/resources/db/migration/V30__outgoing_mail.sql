-- Mail that waits to be handed over. Where it goes is kept no longer than it has to be.
create table outgoing_mail (
    id        uuid primary key,
    recipient text not null,
    subject   text not null,
    body      text not null,
    made_at   timestamptz not null,
    next_at   timestamptz not null,
    tries     integer not null default 0
);
create index outgoing_mail_due on outgoing_mail (next_at);
