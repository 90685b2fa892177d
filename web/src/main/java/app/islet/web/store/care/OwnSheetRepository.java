package app.islet.web.store.care;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnSheetRepository extends JpaRepository<OwnSheet, Long> {
  /** The newest state of every own sheet of a collection. */
  @Query(
      """
            select s from OwnSheet s where s.collectionId = :collection and s.number =
            (select max(t.number) from OwnSheet t where t.collectionId = s.collectionId and t.sheet = s.sheet)
            order by s.sheet""")
  List<OwnSheet> newest(long collection);

  Optional<OwnSheet> findFirstByCollectionIdAndSheetOrderByNumberDesc(
      long collectionId, String sheet);

  List<OwnSheet> findByCollectionIdAndSheetOrderByNumberDesc(long collectionId, String sheet);
}
