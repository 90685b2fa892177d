package app.islet.web.store.water;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface WaterLineRepository extends Repository<WaterLine, String> {
  /** The oldest first; on one day tests before what was done, as the plan has it. */
  @Query(
      """
            select l from WaterLine l where l.enclosureId in :enclosureIds and l.day >= :from
            and (l.reading = false or l.day >= :readingsFrom)
            order by l.day, case when l.kind = 'TEST' then 0 else 1 end, l.entry""")
  List<WaterLine> since(Collection<Long> enclosureIds, LocalDate from, LocalDate readingsFrom);

  /** The newest first, without what a probe writes by the hour. */
  List<WaterLine> findByEnclosureIdAndReadingFalseOrderByDayDescEntryDesc(
      long enclosureId, Limit most);

  /** What a probe wrote on a day. */
  List<WaterLine> findByEnclosureIdAndReadingTrueAndDay(long enclosureId, LocalDate day);

  /** What was done, the oldest first. */
  @Query(
      """
            select l from WaterLine l where l.enclosureId = :enclosureId and l.kind <> 'TEST'
            order by l.day, l.entry""")
  List<WaterLine> done(long enclosureId);

  /** When something was done last. */
  record Last(long enclosureId, String kind, LocalDate day) {}

  @Query(
      """
      select new app.islet.web.store.water.WaterLineRepository$Last(l.enclosureId, l.kind, max(l.day))
      from WaterLine l where l.enclosureId in :enclosureIds and l.day between :from and :to
      and l.kind in ('TEST', 'CHANGE', 'TOPPED_UP') and l.reading = false group by l.enclosureId, l.kind""")
  List<Last> last(Collection<Long> enclosureIds, LocalDate from, LocalDate to);

  /** Enclosures whose newest test was made with a kit that counts nitrogen as nitrogen. */
  @Query(
      """
      select l.enclosureId from WaterLine l where l.enclosureId in :enclosureIds
      and l.kind = 'TEST' and l.reading = false and l.asIon = false
      and l.entry = (select max(n.entry) from WaterLine n
        where n.enclosureId = l.enclosureId and n.kind = 'TEST' and n.reading = false)""")
  List<Long> countAsNitrogen(Collection<Long> enclosureIds);
}
