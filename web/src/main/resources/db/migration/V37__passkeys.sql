-- Keys a teacher signs in with instead of a password; the secret half never leaves her device.
create table passkey (
    studio_id       uuid not null,
    teacher_id      uuid not null,
    credential_id   bytea not null constraint passkey_once unique,
    label           text not null constraint passkey_label check (length(label) between 1 and 80),
    public_key      bytea not null,
    sign_count      bigint not null,
    verifies        boolean not null,
    transports      text not null,
    backup_eligible boolean not null,
    backed_up       boolean not null,
    attestation     bytea not null,
    client_data     bytea not null,
    made_at         timestamptz not null,
    used_at         timestamptz not null,
    primary key (studio_id, teacher_id, credential_id),
    foreign key (studio_id, teacher_id) references teacher (studio_id, id) on delete cascade
);

-- What a device was asked to sign, once, by nobody in particular; gone after five minutes.
create table passkey_ask (
    challenge bytea primary key,
    made_at   timestamptz not null
);
create index passkey_ask_made on passkey_ask (made_at);
