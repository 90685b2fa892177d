package app.islet.core.animal;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The rest of an animal through winter or drought.
 *
 * @param until the day it is woken; absent where nobody said
 */
public record Resting(LocalDate from, Optional<LocalDate> until) {
  /**
   * @throws IllegalArgumentException if it ends before it begins
   */
  public Resting {
    if (until.isPresent() && until.get().isBefore(from)) {
      throw new IllegalArgumentException("a rest must end after it begins");
    }
  }

  public boolean holdsOn(LocalDate day) {
    return !day.isBefore(from) && until.map(day::isBefore).orElse(true);
  }
}
