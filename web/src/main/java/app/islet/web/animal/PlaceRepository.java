package app.islet.web.animal;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceRepository extends JpaRepository<PlaceRecord, Long> {
  Optional<PlaceRecord> findByEnclosureIdAndKindAndName(
      long enclosureId, PlaceRecord.Kind kind, String name);

  List<PlaceRecord> findByKindAndEnclosureIdIn(
      PlaceRecord.Kind kind, Collection<Long> enclosureIds);

  @Query(
      """
      select p from PlaceRecord p join EnclosureRecord e on e.id = p.enclosureId
      where e.collectionId = :collectionId order by p.enclosureId, p.id""")
  List<PlaceRecord> ofCollection(long collectionId);
}
