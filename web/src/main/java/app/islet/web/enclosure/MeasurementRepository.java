package app.islet.web.enclosure;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface MeasurementRepository extends JpaRepository<Measurement, Long> {
  /** Entries that stand: neither strikes nor struck, oldest first. */
  @Query(
      """
            select m from Measurement m where m.residentId in :residentIds and m.strikes is null
            and not exists (select 1 from Measurement s where s.strikes = m.id) order by m.day, m.id""")
  List<Measurement> standing(Collection<Long> residentIds);

  Optional<Measurement> findByClientId(UUID clientId);
}
