-- Young raised in tubs and boxes. How many there are, and where, stands on the books of the animals; here is what a
-- batch is, which tubs it has, and what was done to each.
create table batch (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    animal_id     bigint not null unique references animal,
    enclosure_id  bigint references enclosure,
    room_id       bigint references room,
    laid_on       date,
    began_on      date,
    estimated     boolean not null default false,
    fertile       integer check (fertile between 0 and 100000),
    housing       text not null check (housing in ('SINGLY', 'BOXES', 'TOGETHER')),
    water_c       double precision check (water_c between 0 and 40),
    mother_id     bigint references animal,
    father_id     bigint references animal,
    note          text not null default '' check (length(note) <= 300),
    finished_on   date,
    client_id     uuid not null unique
);
create index batch_of_collection on batch (collection_id, id);

-- A tub need not stand in an enclosure: forty stand on a shelf.
alter table place
    add column collection_id bigint references collection,
    add column batch_id bigint references batch,
    add column closed boolean not null default false;
update place p set collection_id = e.collection_id from enclosure e where e.id = p.enclosure_id;
alter table place
    alter column collection_id set not null,
    alter column enclosure_id drop not null,
    add check (enclosure_id is not null or batch_id is not null);
create index place_of_collection on place (collection_id);
create index place_of_batch on place (batch_id) where batch_id is not null;
alter table place drop constraint place_enclosure_id_kind_name_key;
create unique index place_by_name on place (enclosure_id, kind, name) where batch_id is null;

create or replace function enclosure_is_a_place() returns trigger language plpgsql as $$
begin
  insert into place (collection_id, enclosure_id, kind, name) values (new.collection_id, new.id, 'ENCLOSURE', '');
  return null;
end $$;

-- The number is on its label: no two tubs in use have the same.
create table tub (
    place_id      bigint primary key references place,
    batch_id      bigint not null references batch,
    collection_id bigint not null references collection,
    number        integer not null check (number between 1 and 9999),
    length_cm     double precision not null check (length_cm between 1 and 500),
    width_cm      double precision not null check (width_cm between 1 and 500),
    water_cm      double precision not null check (water_cm between 0 and 200),
    closed        boolean not null default false,
    version       bigint not null default 0
);
create unique index tub_number on tub (collection_id, number) where not closed;
create index tub_of_batch on tub (batch_id);

-- Only ever added to.
create sequence tub_entry_id_seq increment by 50;
create table tub_entry (
    id         bigint primary key default nextval('tub_entry_id_seq'),
    place_id   bigint not null references place,
    kind       text not null check (kind ~ '^[A-Z_]+$'),
    milestone  text not null check (length(milestone) <= 40),
    note       text not null check (length(note) <= 300),
    smallest_cm double precision check (smallest_cm between 0.05 and 500),
    largest_cm  double precision check (largest_cm between smallest_cm and 500),
    done_at    timestamptz not null,
    strikes    bigint references tub_entry,
    client_id  uuid not null unique,
    entered_at timestamptz not null,
    entered_by bigint not null references person
);
create index tub_entry_of_place on tub_entry (place_id, done_at);
create unique index tub_entry_strikes on tub_entry (strikes) where strikes is not null;
