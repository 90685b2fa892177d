package app.islet.web.store.rearing;

import app.islet.core.rearing.Housing;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A batch that is begun.
 *
 * @param group on the books already, of which it is made; empty where they are new
 * @param eggs whether they lie in their eggs
 * @param tubs so many; 0 for as many as it takes
 */
public record NewBatch(
    Who who, Optional<Long> group, Start start, Where where, boolean eggs, int tubs) {
  /** Of which species, what they are called, and by whom. */
  public record Who(
      String species, String name, Optional<Long> motherId, Optional<Long> fatherId) {}

  /**
   * @param day laid, or born or hatched
   * @param estimated whether nobody counted one by one
   */
  public record Start(LocalDate day, int count, boolean estimated) {}

  /** How and where they are housed. */
  public record Where(
      Housing.Kind housing,
      TubRecord.TubSize size,
      Optional<Long> enclosureId,
      Optional<Long> roomId,
      OptionalDouble waterC) {}
}
