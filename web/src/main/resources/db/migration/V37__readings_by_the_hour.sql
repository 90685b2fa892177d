-- A test may say at what time of the day it was made, so that a file with four readings an hour is four readings.
alter table water_test add column at_time time;

drop view water_line;
create view water_line as
select 't' || t.id as line, t.id as entry, t.enclosure_id, t.day, t.at_time, 'TEST' as kind, 0::double precision as amount,
       t.ammonia, t.nitrite, t.nitrate, t.ph, t.carbonate, t.hardness, t.salinity, t.temperature, t.as_ion,
       -- What a probe writes by the hour: many, of which the last days count.
       t.at_time is not null and t.ammonia is null and t.nitrite is null and t.nitrate is null
         and t.carbonate is null and t.hardness is null as reading
from water_test t
where t.strikes is null and not exists (select 1 from water_test s where s.strikes = t.id and s.strikes is not null)
union all
select 'e' || e.id, e.id, e.enclosure_id, e.day, null, e.kind, e.amount, null, null, null, null, null, null, null, null, false, false
from water_event e
where e.strikes is null and not exists (select 1 from water_event s where s.strikes = e.id and s.strikes is not null)
union all
select 'r' || r.id, r.id, r.enclosure_id, r.day, null, 'ROUND:' || r.task_key, 0,
       null, null, null, null, null, null, null, null, false, false
from round_entry r
where r.kind = 'DONE' and r.task_key in ('water-change', 'large-change', 'rinse-filter')
  and not exists (select 1 from round_entry s where s.strikes = r.id and s.strikes is not null);
