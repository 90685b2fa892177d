package app.islet.web.waterlog;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface WaterLineRepository extends Repository<WaterLine, String> {
  /** The oldest first; on one day tests before what was done, as the plan has it. */
  @Query(
      """
            select l from WaterLine l where l.enclosureId in :enclosureIds and l.day >= :from
            order by l.day, case when l.kind = 'TEST' then 0 else 1 end, l.entry""")
  List<WaterLine> since(Collection<Long> enclosureIds, LocalDate from);

  /** The newest first. */
  List<WaterLine> findByEnclosureIdOrderByDayDescEntryDesc(long enclosureId, Limit most);

  /** What was done, the oldest first. */
  @Query(
      """
            select l from WaterLine l where l.enclosureId = :enclosureId and l.kind <> 'TEST'
            order by l.day, l.entry""")
  List<WaterLine> done(long enclosureId);

  /** An id that was used already, and whether what it named was taken back since. */
  record Known(UUID clientId, boolean isVoid) {}

  @Query(
      """
      select new app.islet.web.waterlog.WaterLineRepository$Known(t.clientId,
        exists (select 1 from WaterTestEntry v where v.voids = t.id))
      from WaterTestEntry t where t.clientId in :ids
      union all
      select new app.islet.web.waterlog.WaterLineRepository$Known(e.clientId,
        exists (select 1 from WaterEventEntry v where v.voids = e.id))
      from WaterEventEntry e where e.clientId in :ids""")
  List<Known> known(Collection<UUID> ids);
}
