-- What is known of an animal besides its name: its sex since when and by what sign, where it came from, how old it is,
-- since when it has the form it has, and how much of its sheet's portions it gets.
alter table animal
    add column origin text check (origin in ('HATCHED', 'BOUGHT', 'FOUND', 'GIVEN')),
    add column origin_animal_id bigint references animal,
    add column origin_note text not null default '' check (length(origin_note) <= 100),
    add column hatched_on date,
    add column hatched_estimated boolean not null default false,
    add column sexed_on date,
    add column sexed_by text not null default '' check (length(sexed_by) <= 100),
    add column form_since date,
    add column ration_percent integer not null default 100 check (ration_percent between 50 and 150);
create index animal_of_origin on animal (origin_animal_id) where origin_animal_id is not null;

-- Photos, upright, without what the camera wrote into them. Only ever added to; the pictures lie apart, so that a list
-- of photos reads none of them.
create sequence photo_id_seq increment by 50;
create table photo (
    id         bigint primary key default nextval('photo_id_seq'),
    animal_id  bigint not null references animal,
    day        date not null,
    shows      text not null check (shows ~ '^[A-Z]+$'),
    note       text not null check (length(note) <= 300),
    width      integer not null check (width > 0),
    height     integer not null check (height > 0),
    strikes    bigint references photo,
    client_id  uuid not null unique,
    entered_at timestamptz not null,
    entered_by bigint not null references person
);
create index photo_of_animal on photo (animal_id, day);
create unique index photo_strikes on photo (strikes) where strikes is not null;

create table photo_image (
    photo_id bigint primary key references photo,
    large    bytea not null,
    small    bytea not null
);

-- From where to where its length lies in the picture, as shares of its width and height: the last word counts.
create table photo_mark (
    photo_id bigint primary key references photo,
    from_x   double precision not null check (from_x between 0 and 1),
    from_y   double precision not null check (from_y between 0 and 1),
    to_x     double precision not null check (to_x between 0 and 1),
    to_y     double precision not null check (to_y between 0 and 1)
);
