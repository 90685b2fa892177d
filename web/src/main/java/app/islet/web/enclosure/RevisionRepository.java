package app.islet.web.enclosure;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RevisionRepository extends JpaRepository<Revision, Long> {
  @Query(
      "select r from Revision r where r.enclosureId in :ids and r.number = (select max(x.number) from Revision x where x.enclosureId = r.enclosureId)")
  List<Revision> newest(Collection<Long> ids);

  List<Revision> findByEnclosureIdOrderByNumberDesc(long enclosureId);

  Optional<Revision> findByEnclosureIdAndNumber(long enclosureId, int number);

  Optional<Revision> findFirstByEnclosureIdOrderByNumberDesc(long enclosureId);
}
