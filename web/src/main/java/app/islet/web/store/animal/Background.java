package app.islet.web.store.animal;

import app.islet.core.livestock.Origin;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Where an animal came from and how old it is, as far as anybody knows.
 *
 * @param originAnimalId the batch it hatched in, where that is on the books
 * @param originNote from whom or where
 * @param hatchedOn or born
 * @param hatchedEstimated whether that day is a guess
 * @param sexedOn since when its sex is known
 * @param sexedBy by what sign
 */
@Embeddable
public record Background(
    @Enumerated(EnumType.STRING) @Nullable Origin origin,
    @Nullable Long originAnimalId,
    String originNote,
    @Nullable LocalDate hatchedOn,
    @Column(name = "hatched_estimated") boolean hatchedEstimated,
    @Nullable LocalDate sexedOn,
    String sexedBy) {
  public static final Background UNKNOWN = new Background(null, null, "", null, false, null, "");

  /** Of one that hatched in a batch: it came as that did, and its sex is its own. */
  Background ofOffshoot(Long batch) {
    return new Background(
        origin == null ? Origin.HATCHED : origin,
        batch,
        originNote,
        hatchedOn,
        hatchedEstimated,
        null,
        "");
  }

  /** The same, hatched on a day that somebody saw. */
  Background hatched(LocalDate day) {
    return new Background(origin, originAnimalId, originNote, day, false, sexedOn, sexedBy);
  }

  public Optional<LocalDate> hatched() {
    return Optional.ofNullable(hatchedOn);
  }
}
