-- People, and the collections they look after.
create table person (
    id            bigint generated always as identity primary key,
    login         text not null unique check (login = lower(login) and length(login) between 3 and 60),
    name          text not null check (length(name) between 1 and 60),
    password_hash text not null,
    units         text not null check (units in ('METRIC', 'US')),
    theme         text not null check (theme in ('AUTO', 'LIGHT', 'DARK', 'NIGHT'))
);

create table collection (
    id   bigint generated always as identity primary key,
    slug text not null unique check (slug ~ '^[a-z0-9]+(-[a-z0-9]+)*$'),
    name text not null check (length(name) between 1 and 60),
    zone text not null
);

create table membership (
    collection_id bigint not null references collection,
    person_id     bigint not null references person,
    role          text not null check (role in ('OWNER', 'KEEPER', 'HELPER')),
    primary key (collection_id, person_id)
);
create index membership_of_person on membership (person_id);

-- Where the enclosures stand. Temperatures in degrees Celsius.
create table room (
    id               bigint generated always as identity primary key,
    collection_id    bigint not null references collection,
    name             text not null check (length(name) between 1 and 60),
    summer_day_c     double precision not null,
    summer_night_c   double precision not null,
    winter_day_c     double precision not null,
    winter_night_c   double precision not null,
    humidity_percent double precision not null,
    unique (collection_id, name)
);

create table enclosure (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    room_id       bigint not null references room,
    name          text not null check (length(name) between 1 and 80),
    started_on    date not null,
    client_id     uuid not null unique
);
create index enclosure_of_collection on enclosure (collection_id);

-- Every saved state of a design; the newest number is the design. The document is the open format of docs/format.md.
create table enclosure_revision (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    number       integer not null,
    document     jsonb not null,
    saved_at     timestamptz not null,
    saved_by     bigint not null references person,
    unique (enclosure_id, number)
);

create table resident (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    species      text not null,
    name         text not null check (length(name) between 1 and 60),
    head_count   integer not null check (head_count between 1 and 1000),
    males        integer not null check (males >= 0),
    females      integer not null check (females >= 0),
    stated_stage text,
    since        date not null,
    left_on      date,
    client_id    uuid not null unique,
    check (males + females <= head_count)
);
create index resident_of_enclosure on resident (enclosure_id);

-- Logs are only ever added to. A correction strikes the entry it replaces.
create table measurement (
    id          bigint generated always as identity primary key,
    resident_id bigint not null references resident,
    day         date not null,
    length_cm   double precision,
    mass_g      double precision,
    strikes     bigint unique references measurement,
    client_id   uuid not null unique,
    entered_at  timestamptz not null,
    entered_by  bigint not null references person
);
create index measurement_of_resident on measurement (resident_id, day);

create table round_entry (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    task_key     text not null,
    title        text not null,
    day          date not null,
    slot         integer not null,
    kind         text not null check (kind in ('DONE', 'SKIPPED', 'UNDONE')),
    reason       text not null default '',
    strikes      bigint unique references round_entry,
    client_id    uuid not null unique,
    entered_at   timestamptz not null,
    entered_by   bigint not null references person
);
create index round_entry_of_enclosure on round_entry (enclosure_id, day);
