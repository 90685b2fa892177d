-- By the sign it waited for, or given up before; nobody said of older ones.
alter table health_course add column ending text check (ending in ('SIGN', 'STOPPED'));
