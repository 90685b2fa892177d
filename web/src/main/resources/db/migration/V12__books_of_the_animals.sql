-- The animal is what lasts. Where it is, how many there are and how they left follows from the movements.
alter table resident rename to animal;
alter table animal add column collection_id bigint references collection;
update animal a set collection_id = e.collection_id from enclosure e where e.id = a.enclosure_id;
alter table animal alter column collection_id set not null;
create index animal_of_collection on animal (collection_id);
alter table measurement rename column resident_id to animal_id;

-- One animal with a name or mark, or a group that is counted and not told apart.
alter table animal add column single boolean not null default false;
update animal set single = head_count = 1;

-- Somewhere animals are kept: every enclosure is one, and so is each tub or box in it, or its eggs.
create table place (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    kind         text not null check (kind in ('ENCLOSURE', 'TUB', 'BOX', 'EGGS')),
    name         text not null check (length(name) <= 60),
    unique (enclosure_id, kind, name),
    check ((kind = 'ENCLOSURE') = (name = ''))
);
insert into place (enclosure_id, kind, name) select id, 'ENCLOSURE', '' from enclosure order by id;

create function enclosure_is_a_place() returns trigger language plpgsql as $$
begin
  insert into place (enclosure_id, kind, name) values (new.id, 'ENCLOSURE', '');
  return null;
end $$;
create trigger a_place after insert on enclosure for each row execute function enclosure_is_a_place();

-- Only ever added to: what was wrong is undone by an entry the other way round, which names the one it undoes.
-- Entries of one act (both sides of a hand-over) are undone together.
create sequence movement_id_seq increment by 50;
create table movement (
    id          bigint primary key default nextval('movement_id_seq'),
    animal_id   bigint not null references animal,
    day         date not null,
    head_count  integer not null check (head_count between 1 and 1000000),
    from_kind   text not null,
    from_place  bigint references place,
    from_animal bigint references animal,
    to_kind     text not null,
    to_place    bigint references place,
    to_animal   bigint references animal,
    cause       text not null check (length(cause) <= 60),
    note        text not null check (length(note) <= 300),
    act         uuid not null,
    strikes     bigint references movement,
    client_id   uuid not null unique,
    entered_at  timestamptz not null,
    entered_by  bigint not null references person,
    check ((from_kind = 'KEPT') = (from_place is not null) and (from_kind = 'OTHER') = (from_animal is not null)),
    check ((to_kind = 'KEPT') = (to_place is not null) and (to_kind = 'OTHER') = (to_animal is not null))
);
create index movement_of_animal on movement (animal_id, day, id);
create index movement_from_place on movement (from_place) where from_place is not null;
create index movement_to_place on movement (to_place) where to_place is not null;
create index movement_of_act on movement (act);
create unique index movement_strikes on movement (strikes) where strikes is not null;

-- What was known of residents becomes movements: they came, and some left nobody wrote down how.
insert into movement (id, animal_id, day, head_count, from_kind, to_kind, to_place, cause, note, act, client_id,
                      entered_at, entered_by)
select nextval('movement_id_seq'), a.id, a.since, a.head_count, 'BEGUN', 'KEPT', p.id, '', '', gen_random_uuid(),
       gen_random_uuid(), a.since, (select min(m.person_id) from membership m
                                    where m.collection_id = a.collection_id and m.role = 'OWNER')
from animal a join place p on p.enclosure_id = a.enclosure_id and p.kind = 'ENCLOSURE'
order by a.id;
insert into movement (id, animal_id, day, head_count, from_kind, from_place, to_kind, cause, note, act, client_id,
                      entered_at, entered_by)
select nextval('movement_id_seq'), a.id, greatest(a.since, a.left_on), a.head_count, 'KEPT', p.id, 'GONE', '', '',
       gen_random_uuid(), gen_random_uuid(), greatest(a.since, a.left_on),
       (select min(m.person_id) from membership m where m.collection_id = a.collection_id and m.role = 'OWNER')
from animal a join place p on p.enclosure_id = a.enclosure_id and p.kind = 'ENCLOSURE'
where a.left_on is not null
order by a.id;

-- The books of a collection are kept in memory by this number.
alter table collection add column books_version bigint not null default 0;

drop trigger new_version on animal;
drop trigger new_version on measurement;
drop function new_version_of_measured();
alter table animal drop column enclosure_id, drop column head_count, drop column since, drop column left_on;

-- Enclosures in which an animal is or ever was, in one order, so that two writers do not wait for each other.
create function new_version_where_animal_was(animal bigint) returns void language plpgsql as $$
begin
  perform 1 from enclosure where id in (
    select p.enclosure_id from movement m join place p on p.id in (m.from_place, m.to_place) where m.animal_id = animal)
  order by id for update;
  update enclosure e set version = this_transaction()
  where e.version <> this_transaction() and e.id in (
    select p.enclosure_id from movement m join place p on p.id in (m.from_place, m.to_place) where m.animal_id = animal);
end $$;

create function new_version_of_animal() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.id);
  update collection set books_version = this_transaction()
  where id = new.collection_id and books_version <> this_transaction();
  return null;
end $$;
create trigger new_version after insert or update on animal for each row execute function new_version_of_animal();

create function new_version_of_measured() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.animal_id);
  return null;
end $$;
create trigger new_version after insert on measurement for each row execute function new_version_of_measured();

create function new_version_of_moved() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.animal_id);
  update collection c set books_version = this_transaction() from animal a
  where a.id = new.animal_id and c.id = a.collection_id and c.books_version <> this_transaction();
  return null;
end $$;
create trigger new_version after insert on movement for each row execute function new_version_of_moved();
