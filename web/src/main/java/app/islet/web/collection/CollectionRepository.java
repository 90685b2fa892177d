package app.islet.web.collection;

import org.springframework.data.jpa.repository.JpaRepository;

public interface CollectionRepository extends JpaRepository<AnimalCollection, Long> {
  boolean existsBySlug(String slug);
}
