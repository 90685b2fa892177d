package app.islet.web.store.enclosure;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RevisionRepository extends JpaRepository<Revision, Long> {
  @Query(
      "select r from Revision r where r.enclosureId in :ids and r.number = (select max(x.number) from Revision x where x.enclosureId = r.enclosureId)")
  List<Revision> newest(Collection<Long> ids);

  /** How salt the water was by a saved state. */
  interface Salt {
    long getEnclosureId();

    Instant getSavedAt();

    double getPpt();
  }

  @Query(
      nativeQuery = true,
      value =
          """
          select enclosure_id as "enclosureId", saved_at as "savedAt",
                 coalesce(cast(document -> 'water' ->> 'salinityPpt' as double precision), 0) as ppt
          from enclosure_revision where enclosure_id in (:ids) order by enclosure_id, number
          """)
  List<Salt> salt(Collection<Long> ids);

  List<Revision> findByEnclosureIdOrderByNumberDesc(long enclosureId);

  Optional<Revision> findByEnclosureIdAndNumber(long enclosureId, int number);

  Optional<Revision> findFirstByEnclosureIdOrderByNumberDesc(long enclosureId);
}
