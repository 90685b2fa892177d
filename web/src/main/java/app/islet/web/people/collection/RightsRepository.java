package app.islet.web.people.collection;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface RightsRepository extends JpaRepository<RightsEntry, Long> {
  List<RightsEntry> findByCollectionIdOrderByIdDesc(long collectionId, Limit limit);
}
