-- What reaches a keeper outside the pages: by mail, or by the webhook of whoever runs the server. Hours are those of the
-- collection; null where there is none.
create table reminder (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection on delete cascade,
    person_id     bigint not null references person on delete cascade,
    mail          text not null check (length(mail) <= 200),
    webhook       boolean not null,
    urgent        boolean not null,
    digest_hour   smallint check (digest_hour between 0 and 23),
    quiet_from    smallint check (quiet_from between 0 and 23),
    quiet_until   smallint check (quiet_until between 0 and 23),
    unique (collection_id, person_id)
);

-- One message for each cause while it lasts.
create table reminder_sent (
    reminder_id bigint not null references reminder on delete cascade,
    cause       text not null check (length(cause) <= 200),
    sent_at     timestamptz not null default now(),
    primary key (reminder_id, cause)
);
