package app.islet.web.store.animal;

import app.islet.web.base.log.LogRepository;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;

interface MovementRepository extends LogRepository<MovementEntry> {
  List<MovementEntry> findByAnimalIdInOrderById(Collection<Long> animalIds);

  List<MovementEntry> findByActOrderById(UUID act);

  @Query(
      """
      select m from MovementEntry m join Animal a on a.id = m.animalId
      where a.collectionId = :collectionId order by m.id""")
  List<MovementEntry> ofCollection(long collectionId);

  /** Changes whenever something is entered on the books of a collection. */
  @Query("select c.booksVersion from AnimalCollection c where c.id = :collectionId")
  long version(long collectionId);

  /** Number of the newest entry of an animal. */
  @Query("select max(m.id) from MovementEntry m where m.animalId = :animalId")
  Optional<Long> newest(long animalId);

  /** By what some left the books on a day, as far as it still counts, the oldest first. */
  @Query(
      """
      select e from MovementEntry e where e.animalId in :animals and e.day = :day
      and e.fromPlace is not null and e.toPlace is null and e.toAnimal is null and"""
          + VALID
          + "order by e.id")
  List<MovementEntry> leftOn(Collection<Long> animals, LocalDate day);

  /** What was entered last for an animal and still counts. */
  @Query(
      "select e from MovementEntry e where e.animalId = :animalId and"
          + VALID
          + "order by e.id desc limit 1")
  Optional<MovementEntry> lastDone(long animalId);
}
