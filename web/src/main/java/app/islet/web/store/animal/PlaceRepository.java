package app.islet.web.store.animal;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceRepository extends JpaRepository<PlaceRecord, Long> {
  Optional<PlaceRecord> findByEnclosureIdAndKindAndNameAndBatchIdIsNull(
      long enclosureId, PlaceRecord.Kind kind, String name);

  List<PlaceRecord> findByKindAndEnclosureIdIn(
      PlaceRecord.Kind kind, Collection<Long> enclosureIds);

  List<PlaceRecord> findByBatchIdInAndKind(Collection<Long> batchIds, PlaceRecord.Kind kind);

  @Query(
      """
      select p from PlaceRecord p where p.collectionId = :collectionId
      order by p.enclosureId nulls last, p.id""")
  List<PlaceRecord> ofCollection(long collectionId);
}
