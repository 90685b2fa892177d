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
      select m from MovementEntry m where m.animalId in :animals and m.day = :day
      and m.voids is null and m.fromPlace is not null and m.toPlace is null and m.toAnimal is null
      and not exists (select 1 from MovementEntry u where u.voids = m.id) order by m.id""")
  List<MovementEntry> leftOn(Collection<Long> animals, LocalDate day);

  /** What was entered last for an animal and still counts. */
  @Query(
      """
      select m from MovementEntry m where m.animalId = :animalId and m.voids is null
      and not exists (select 1 from MovementEntry u where u.voids = m.id)
      order by m.id desc limit 1""")
  Optional<MovementEntry> lastDone(long animalId);
}
