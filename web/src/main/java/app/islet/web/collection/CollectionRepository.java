package app.islet.web.collection;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface CollectionRepository extends JpaRepository<AnimalCollection, Long> {
  boolean existsBySlug(String slug);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from AnimalCollection c where c.id = :id")
  AnimalCollection lock(long id);

  @Query(
      """
      select c from AnimalCollection c where c.clientId = :clientId and exists (
        select 1 from Membership m where m.collection = c and m.person.id = :personId)""")
  Optional<AnimalCollection> ownedBy(long personId, UUID clientId);

  /** Waits for whoever holds that lock; held until the transaction ends. */
  @Query(nativeQuery = true, value = "select 1 from pg_advisory_xact_lock(:key)")
  int waitFor(long key);
}
