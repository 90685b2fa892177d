package app.islet.web.store.enclosure;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoomRepository extends JpaRepository<Room, Long> {
  List<Room> findByCollectionIdOrderById(long collectionId);

  Optional<Room> findByIdAndCollectionId(long id, long collectionId);

  Optional<Room> findByNameAndCollectionId(String name, long collectionId);
}
