-- An account can be closed by whoever runs the machine, and leads to a collection of the person's choice.
alter table person add column disabled_at timestamptz;
alter table person add column home_collection_id bigint references collection on delete set null;

-- Guesses that are left, for an account and for an address (Bucket4j).
create table bucket (
    id         text primary key,
    state      bytea,
    expires_at bigint
);
create index bucket_expires on bucket (expires_at);

-- One-time links to a new password. Only a hash of the link is kept.
create table password_reset (
    token_hash text primary key,
    person_id  bigint not null references person on delete cascade,
    made_by    bigint references person on delete set null,
    expires_at timestamptz not null,
    used_at    timestamptz
);

-- Somebody is asked to become a member; nobody becomes one without saying so. Only a hash of the link is kept.
create table invitation (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection on delete cascade,
    token_hash    text not null unique,
    name          text not null check (length(name) between 1 and 60),
    role          text not null check (role in ('OWNER', 'KEEPER', 'HELPER')),
    invited_by    bigint not null references person,
    expires_at    timestamptz not null,
    ended_at      timestamptz,
    accepted_by   bigint references person
);
create index invitation_of on invitation (collection_id);

-- Who changed whose rights.
create table rights_entry (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection on delete cascade,
    at            timestamptz not null,
    done_by       bigint not null references person,
    what          text not null check (length(what) <= 200)
);
create index rights_entry_of on rights_entry (collection_id, id);
