package app.islet.web.store.animal;

import app.islet.core.livestock.LifeEvent;
import app.islet.web.base.log.LogRepository;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.jpa.repository.Query;

interface LifeRepository extends LogRepository<LifeEntry> {
  /** Entries that count: neither void nor voiding, the oldest first. */
  @Query(
      "select e from LifeEntry e where e.animalId in :animalIds and"
          + VALID
          + "order by e.day, e.id")
  List<LifeEntry> valid(Collection<Long> animalIds);

  /** Which of them have a valid entry of one of these kinds. */
  @Query(
      """
      select distinct e.animalId from LifeEntry e
      where e.animalId in :animalIds and e.kind in :kinds and"""
          + VALID)
  Set<Long> having(Collection<Long> animalIds, Set<LifeEvent.Kind> kinds);

  /** Of some animals, those of these kinds: valid, the oldest first. */
  @Query(
      "select e from LifeEntry e where e.animalId in :animalIds and e.kind in :kinds and"
          + VALID
          + "order by e.day, e.id")
  List<LifeEntry> valid(Collection<Long> animalIds, Set<LifeEvent.Kind> kinds);

  /** Of all animals of a collection, where somebody counted: valid, the oldest first. */
  @Query(
      """
      select e from LifeEntry e, Animal a where a.id = e.animalId and a.collectionId = :collectionId
      and e.kind = app.islet.core.livestock.LifeEvent.Kind.SEEN and e.amount is not null and"""
          + VALID
          + "order by e.day, e.id")
  List<LifeEntry> counts(long collectionId);
}
