package app.islet.web.people.collection;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
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

  @Modifying
  @Query(
      nativeQuery = true,
      value =
          "update enclosure set version = this_transaction(), task_version = this_transaction() where collection_id = :id")
  void newVersions(long id);

  @Modifying
  @Query(
      nativeQuery = true,
      value = "update tub set version = version + 1 where collection_id = :id")
  void newTubVersions(long id);

  /** Waits for whoever holds that lock of that kind; held until the transaction ends. */
  @Query(nativeQuery = true, value = "select 1 from pg_advisory_xact_lock(:kind, hashtext(:name))")
  int waitFor(int kind, String name);
}
