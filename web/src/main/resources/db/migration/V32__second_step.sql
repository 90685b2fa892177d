-- Whoever wants it shows a code of an app on their phone besides the password.
alter table person
  add column step_secret text,
  -- Number of the half minute whose code was used last: none is used twice.
  add column step_used bigint;

-- Lets in once, whoever has lost the phone. Only a hash is kept.
create table recovery_code (
  code_hash text primary key,
  person_id bigint not null references person,
  used_at timestamptz
);

create index on recovery_code (person_id);
