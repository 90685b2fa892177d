package app.islet.core.livestock;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The days of a life that are known.
 *
 * @param laidOn of eggs
 * @param hatchedOn or born, which may be an estimate
 * @param formSince since when it has the form it has
 */
public record LifeDates(
    Optional<LocalDate> laidOn, Optional<LocalDate> hatchedOn, Optional<LocalDate> formSince) {
  public static final LifeDates UNKNOWN =
      new LifeDates(Optional.empty(), Optional.empty(), Optional.empty());
}
