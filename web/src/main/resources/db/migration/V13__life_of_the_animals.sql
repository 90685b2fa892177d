-- What happens to animals besides moving and being measured: fed, refused, shed, seen. Only ever added to.
create sequence life_entry_id_seq increment by 50;
create table life_entry (
    id         bigint primary key default nextval('life_entry_id_seq'),
    animal_id  bigint not null references animal,
    day        date not null,
    kind       text not null check (kind ~ '^[A-Z]+$'),
    amount     double precision check (amount between 0 and 100000),
    note       text not null check (length(note) <= 300),
    strikes    bigint references life_entry,
    client_id  uuid not null unique,
    entered_at timestamptz not null,
    entered_by bigint not null references person
);
create index life_entry_of_animal on life_entry (animal_id, day);
create unique index life_entry_strikes on life_entry (strikes) where strikes is not null;
