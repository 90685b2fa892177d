package app.islet.web.base.log;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.repository.NoRepositoryBean;

/**
 * A log of one kind of entries. Whoever adds holds the lock of the enclosure it belongs to, so that
 * of two that send the same at the same instant the second finds what the first wrote.
 */
@NoRepositoryBean
public interface LogRepository<E extends LogEntry> extends JpaRepository<E, Long> {
  /** What a question after entries that count says of {@code e}: neither void nor voiding. */
  String VALID =
      " e.voids is null and not exists (select 1 from #{#entityName} v where v.voids = e.id) ";

  Optional<E> findByClientId(UUID clientId);

  boolean existsByVoids(Long id);

  /** The entry of that id: the one there is, or the one made now. */
  default E append(UUID clientId, Supplier<E> entry) {
    return findByClientId(clientId).orElseGet(() -> saveAndFlush(entry.get()));
  }

  /** Takes an entry back once; twice is harmless. */
  default void voidOnce(Long id, Supplier<E> taking) {
    if (!existsByVoids(id)) {
      saveAndFlush(taking.get());
    }
  }
}
