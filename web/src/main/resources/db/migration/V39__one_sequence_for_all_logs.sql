-- Every entry of every log is numbered by one sequence; a server takes fifty numbers at a time.
create sequence log_entry_seq increment by 50;

select setval('log_entry_seq', 50 + greatest(
    (select coalesce(max(id), 0) from measurement),
    (select coalesce(max(id), 0) from life_entry),
    (select coalesce(max(id), 0) from menu_entry),
    (select coalesce(max(id), 0) from movement),
    (select coalesce(max(id), 0) from photo),
    (select coalesce(max(id), 0) from round_entry),
    (select coalesce(max(id), 0) from tub_entry),
    (select coalesce(max(id), 0) from course_entry),
    (select coalesce(max(id), 0) from culture_care),
    (select coalesce(max(id), 0) from water_test),
    (select coalesce(max(id), 0) from water_event)));

alter table measurement alter column id drop identity;
alter table round_entry alter column id drop identity;
alter table culture_care alter column id drop identity;

alter table measurement alter column id set default nextval('log_entry_seq');
alter table life_entry alter column id set default nextval('log_entry_seq');
alter table menu_entry alter column id set default nextval('log_entry_seq');
alter table movement alter column id set default nextval('log_entry_seq');
alter table photo alter column id set default nextval('log_entry_seq');
alter table round_entry alter column id set default nextval('log_entry_seq');
alter table tub_entry alter column id set default nextval('log_entry_seq');
alter table course_entry alter column id set default nextval('log_entry_seq');
alter table culture_care alter column id set default nextval('log_entry_seq');
alter table water_test alter column id set default nextval('log_entry_seq');
alter table water_event alter column id set default nextval('log_entry_seq');

drop sequence life_entry_id_seq, menu_entry_id_seq, movement_id_seq, photo_id_seq;
drop sequence tub_entry_id_seq, course_entry_id_seq, water_test_id_seq, water_event_id_seq;
