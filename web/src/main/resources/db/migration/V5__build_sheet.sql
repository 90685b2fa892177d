-- What a kilowatt-hour costs a collection; every change is a new row, the newest counts.
create table tariff (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    per_kwh       numeric(9, 4) not null check (per_kwh >= 0),
    currency      text not null check (length(currency) between 1 and 8),
    set_at        timestamptz not null,
    set_by        bigint not null references person
);
create index tariff_of_collection on tariff (collection_id);

-- What a keeper paid, or would pay, for a line of a build sheet; null where it was taken back. The newest of an item counts.
create table item_price (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    item         text not null check (length(item) between 1 and 120),
    price        numeric(11, 2) check (price >= 0),
    set_at       timestamptz not null,
    set_by       bigint not null references person
);
create index item_price_of_enclosure on item_price (enclosure_id);

-- Steps of building, ticked and unticked. The newest row of a step counts.
create table step_tick (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    step         text not null check (length(step) between 1 and 60),
    done_on      date,
    ticked_at    timestamptz not null,
    ticked_by    bigint not null references person
);
create index step_tick_of_enclosure on step_tick (enclosure_id);
