package app.islet.web.people.collection;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface InvitationRepository extends JpaRepository<Invitation, Long> {
  Optional<Invitation> findByTokenHash(String tokenHash);

  Optional<Invitation> findByCollectionIdAndClientId(long collectionId, UUID clientId);

  @Query("select i.collectionId from Invitation i where i.tokenHash = :hash")
  Optional<Long> collectionOf(String hash);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select i from Invitation i where i.tokenHash = :hash")
  Optional<Invitation> lock(String hash);

  @Query(
      "select i from Invitation i where i.collectionId = :collection and i.endedAt is null order by i.id")
  List<Invitation> open(long collection);
}
