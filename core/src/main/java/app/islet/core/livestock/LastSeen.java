package app.islet.core.livestock;

import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/**
 * When an animal was last seen, or left a trace, and whether that is long ago for one that lives as
 * it does: what hides or buries itself is not dead.
 *
 * @param day of the last proof
 * @param usualDays days without one that are nothing to ask about
 */
public record LastSeen(LocalDate day, LifeEvent.Proof proof, int usualDays) {
  /** In clear water an animal is met at every feeding; common practice, no source. */
  private static final int IN_WATER = 4;

  /** On a bank it hides for a day or three; common practice, no source. */
  private static final int ON_THE_BANK = 10;

  /** In leaf litter it is met now and then; common practice, no source. */
  private static final int ON_LAND = 30;

  /** Dug in, it moults or rests for weeks, and is not to be dug out; common practice, no source. */
  private static final int DUG_IN = 90;

  /** Ground of less is not dug into by a whole animal, cm. */
  private static final double DEEP_GROUND_CM = 10;

  /**
   * The newest proof there is; empty where nobody ever saw it.
   *
   * @param cameOn the day they came where they are: who carried them saw them
   */
  public static Optional<LastSeen> of(
      Stage stage, Collection<LifeEvent> events, Optional<LocalDate> cameOn) {
    return events.stream()
        .filter(e -> e.kind().proof() != LifeEvent.Proof.NONE)
        .max(Comparator.comparing(LifeEvent::day))
        .map(
            e ->
                cameOn
                    .filter(came -> came.isAfter(e.day()))
                    .map(came -> on(came, stage))
                    .orElseGet(() -> new LastSeen(e.day(), e.kind().proof(), usualDays(stage))));
  }

  /** Seen that day. */
  static LastSeen on(LocalDate day, Stage stage) {
    return new LastSeen(day, LifeEvent.Proof.SEEN, usualDays(stage));
  }

  /** Whether it may have dug itself in, for months. */
  boolean digsIn() {
    return usualDays == DUG_IN;
  }

  /** Days without being seen that are usual for a stage. */
  public static int usualDays(Stage stage) {
    return switch (stage.habitat()) {
      case WATER -> IN_WATER;
      case BOTH -> ON_THE_BANK;
      case LAND -> stage.needs().land().minDepthCm() >= DEEP_GROUND_CM ? DUG_IN : ON_LAND;
    };
  }

  public long daysAgo(LocalDate today) {
    return ChronoUnit.DAYS.between(day, today);
  }

  /** Whether somebody should look for it. */
  public boolean isOverdue(LocalDate today) {
    return daysAgo(today) > usualDays;
  }
}
