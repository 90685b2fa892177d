package app.islet.web.store.health;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnHealthTableRepository extends JpaRepository<OwnHealthTable, Long> {
  /** The newest state of every own table of a collection. */
  @Query(
      """
      select t from OwnHealthTable t where t.collectionId = :collection and t.id =
      (select max(u.id) from OwnHealthTable u where u.collectionId = t.collectionId and u.name = t.name)
      order by t.name""")
  List<OwnHealthTable> newest(long collection);
}
