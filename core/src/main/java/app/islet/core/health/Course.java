package app.islet.core.health;

import app.islet.core.animal.HealthNote;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.livestock.Origin;
import app.islet.core.quantity.Range;
import app.islet.core.text.Fields;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A procedure over days.
 *
 * @param everyDays 1 for daily
 * @param usualDays least and most it takes as a rule
 * @param steps of each time, in order
 * @param spares what the animal is spared while it lasts
 */
public record Course(
    String id,
    String name,
    Set<AnimalGroup> groups,
    Pace pace,
    List<String> steps,
    End end,
    Set<HealthNote.Spared> spares) {
  static final String QUARANTINE = "quarantine";

  /** How often and how long. */
  public record Pace(int everyDays, Range usualDays) {}

  /**
   * When it is over.
   *
   * @param ends a sign, not a number of days
   * @param stop when it is given up before, and for what
   */
  public record End(String ends, String stop, Evidence basis) {}

  static Course read(Fields f) {
    return new Course(
        f.text("id", 40),
        f.text("name", 60),
        Set.copyOf(f.choices("groups", AnimalGroup.class)),
        new Pace(f.whole("everyDays", 1, 14, "days"), f.range("usualDays", 1, 365, "days")),
        f.texts("steps", 140),
        new End(f.text("ends", 120), f.text("stop", 120), Evidence.of(f.text("basis", 200))),
        Set.copyOf(f.choices("spares", HealthNote.Spared.class)));
  }

  /**
   * Least and most days it takes as a rule: quarantine by the kind of animal and where it comes
   * from, all others by themselves.
   */
  public Range usualDays(Arrival arrival, Optional<Origin> origin) {
    return id.equals(QUARANTINE) ? arrival.days(origin) : pace.usualDays();
  }
}
