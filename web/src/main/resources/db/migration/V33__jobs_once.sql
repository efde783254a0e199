-- Which copy of the app does what is done at a time of day, and until when no other does: the table ShedLock asks for.
create table shedlock (
    name       varchar(64) primary key,
    lock_until timestamptz not null,
    locked_at  timestamptz not null,
    locked_by  text not null
);
