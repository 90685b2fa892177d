package app.islet.web.store.tasks;

import app.islet.web.base.log.LogRepository;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;

interface TaskEntryRepository extends LogRepository<TaskEntry> {
  /**
   * Of each task the last entry before a day and those of the day itself, and the meals of the
   * fortnight before, by which foods take turns; of valid ones only. The index round_entry_last
   * answers it, however long the log is.
   */
  @Query(
      nativeQuery = true,
      value =
          """
          (select distinct on (e.enclosure_id, e.task_key, e.slot) e.*
           from round_entry e
           where e.enclosure_id in (:enclosureIds) and e.day < :day and e.strikes is null
             and not exists (select 1 from round_entry v where v.strikes = e.id)
           order by e.enclosure_id, e.task_key, e.slot, e.day desc)
          union all
          select e.* from round_entry e
          where e.enclosure_id in (:enclosureIds) and e.strikes is null
            and (e.day = :day or e.day between cast(:day as date) - 14 and :day and e.task_key like 'feed:%')
            and not exists (select 1 from round_entry v where v.strikes = e.id)
          order by id""")
  List<TaskEntry> lastAndOn(Collection<Long> enclosureIds, LocalDate day);

  @Query(
      """
      select e from TaskEntry e where e.enclosureId = :enclosureId
      and e.taskKey = :taskKey and e.day = :day and e.slot = :slot and"""
          + VALID
          + "order by e.id limit 1")
  Optional<TaskEntry> settling(long enclosureId, String taskKey, LocalDate day, int slot);

  @Query(
      """
      select e from TaskEntry e where e.clientId = :clientId and e.voids is null
      and e.enclosureId in
        (select x.id from EnclosureRecord x where x.collectionId = :collectionId)""")
  Optional<TaskEntry> findOf(UUID clientId, long collectionId);

  @Query(
      """
      select e from TaskEntry e where e.enteredBy = :personId and e.day = :day
      and e.enclosureId in
        (select x.id from EnclosureRecord x where x.collectionId = :collectionId) and"""
          + VALID
          + "order by e.enteredAt desc, e.id desc limit 1")
  Optional<TaskEntry> lastOf(long personId, long collectionId, LocalDate day);
}
