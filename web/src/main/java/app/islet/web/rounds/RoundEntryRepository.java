package app.islet.web.rounds;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RoundEntryRepository extends JpaRepository<RoundEntry, Long> {
  /** Entries that stand, since a day: neither undoing nor undone. */
  @Query(
      """
            select e from RoundEntry e where e.enclosureId in :enclosureIds and e.day >= :since and e.strikes is null
            and not exists (select 1 from RoundEntry s where s.strikes = e.id) order by e.id""")
  List<RoundEntry> standing(Collection<Long> enclosureIds, LocalDate since);

  @Query(
      """
            select e from RoundEntry e where e.enteredBy = :personId and e.day = :day and e.strikes is null
            and e.enclosureId in (select x.id from EnclosureRecord x where x.collectionId = :collectionId)
            and not exists (select 1 from RoundEntry s where s.strikes = e.id) order by e.id desc limit 1""")
  Optional<RoundEntry> lastOf(long personId, long collectionId, LocalDate day);

  boolean existsByClientId(UUID clientId);
}
