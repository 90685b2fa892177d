-- Work that one server of several does, at a time (ShedLock).
create table shedlock (
    name       text primary key,
    lock_until timestamptz not null,
    locked_at  timestamptz not null,
    locked_by  text not null
);

-- Nightly backups, how they went.
create table backup_run (
    id    bigint generated always as identity primary key,
    at    timestamptz not null,
    file  text not null,
    bytes bigint not null,
    rows  bigint not null,
    -- Empty where it was written and read again whole.
    error text not null check (length(error) <= 400)
);
create index backup_run_at on backup_run (at);
