-- Whoever helps for a time comes by a secret address and sees the rounds alone, until a day.
alter table membership drop constraint membership_role_check;
alter table membership add constraint membership_role_check
    check (role in ('OWNER', 'KEEPER', 'HELPER', 'LINKED_HELPER'));
alter table membership add column last_day date;
alter table membership add column token text unique check (length(token) between 32 and 64);
alter table membership add constraint membership_link
    check ((role = 'LINKED_HELPER') = (last_day is not null and token is not null));

-- Whom a helper calls when something looks wrong.
alter table collection add column contact text not null default '';
