-- Secret addresses at which a calendar program reads the work of a collection, or of one enclosure. Whoever knows the
-- address may read; a new one ends the old.
create table calendar_feed (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    enclosure_id  bigint references enclosure,
    person_id     bigint not null references person,
    token         text not null unique check (length(token) between 32 and 64),
    made_at       timestamptz not null
);
create unique index calendar_feed_of on calendar_feed (collection_id, coalesce(enclosure_id, 0), person_id);
