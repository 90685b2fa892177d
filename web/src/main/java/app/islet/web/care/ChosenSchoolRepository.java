package app.islet.web.care;

import org.springframework.data.jpa.repository.JpaRepository;

import java.util.List;

interface ChosenSchoolRepository extends JpaRepository<ChosenSchool, Long> {
    List<ChosenSchool> findByCollectionIdOrderById(long collectionId);
}
