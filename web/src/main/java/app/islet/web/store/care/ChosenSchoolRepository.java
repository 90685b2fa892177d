package app.islet.web.store.care;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ChosenSchoolRepository extends JpaRepository<ChosenSchool, Long> {
  List<ChosenSchool> findByCollectionIdOrderById(long collectionId);
}
