package app.islet.core.animal;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the health of some animals asks for beside their routine: a course they are in, something
 * that looked wrong, a skin that is being changed.
 *
 * @param key stays the same while it lasts, so that a log can refer to it
 * @param words what it is, as {@code Mite dips} or {@code bloated}
 * @param steps what to do each time, in order; of a skin what to leave
 * @param last the day it was last done; of a course alone
 * @param everyDays how often something is done; 0 where nothing is
 * @param spares what they are spared meanwhile
 * @param urgent whether a vet is needed at once
 */
public record HealthNote(
    String key,
    String words,
    List<String> steps,
    LocalDate since,
    Optional<LocalDate> last,
    int everyDays,
    Set<Spared> spares,
    boolean urgent) {
  /** Begins the key of an animal that is not found. */
  public static final String MISSING = "missing:";

  /** Begins the key of a course. */
  public static final String COURSE = "course:";

  /** Work that does them harm for now. */
  public enum Spared {
    FOOD,
    /** Measuring, weighing, bathing. */
    HANDLING
  }

  public HealthNote {
    steps = List.copyOf(steps);
    spares = Set.copyOf(spares);
  }

  public boolean isCourse() {
    return key.startsWith(COURSE);
  }

  public boolean isMissing() {
    return key.startsWith(MISSING);
  }

  /** 1 on the first day. */
  public long day(LocalDate today) {
    return today.toEpochDay() - since.toEpochDay() + 1;
  }
}
