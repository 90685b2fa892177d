-- What is in stock, as it was counted on a day.
create table stock_item (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    food          text not null check (length(food) between 1 and 80),
    counted       boolean not null,
    amount        double precision not null check (amount between 0 and 1000000),
    counted_on    date not null,
    good_until    date not null,
    ended         boolean not null default false,
    client_id     uuid not null unique
);
create index stock_item_of on stock_item (collection_id) where not ended;

-- Live food that is grown or hatched here, and each time somebody saw to it.
create table culture (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    kind          text not null check (length(kind) between 1 and 40),
    started_on    date not null,
    ended_on      date,
    client_id     uuid not null unique
);
create index culture_of on culture (collection_id) where ended_on is null;

create table culture_care (
    id          bigint generated always as identity primary key,
    culture_id  bigint not null references culture,
    day         date not null,
    client_id   uuid not null unique,
    entered_at  timestamptz not null,
    entered_by  bigint not null references person,
    strikes     bigint references culture_care
);
create index culture_care_of on culture_care (culture_id, day);
create unique index culture_care_strikes on culture_care (strikes) where strikes is not null;
