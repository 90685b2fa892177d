package app.islet.web.store.tasks;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PlannedDayRepository extends JpaRepository<PlannedDayRecord, PlannedDayRecord.Key> {
  @Query("select p from PlannedDayRecord p where p.key.enclosureId in :enclosureIds")
  List<PlannedDayRecord> of(Collection<Long> enclosureIds);

  /** At once, and nothing of them is remembered: the new ones may have the same keys. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("delete from PlannedDayRecord p where p.key.enclosureId = :enclosureId")
  void deleteOf(long enclosureId);
}
