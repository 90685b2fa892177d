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

  /** Those of the ids that were used already. */
  @Query(
      """
            select t.clientId from WaterTestEntry t where t.clientId in :ids
            union select e.clientId from WaterEventEntry e where e.clientId in :ids""")
  List<UUID> clientIds(Collection<UUID> ids);
}
