package app.islet.core.livestock;

import app.islet.core.animal.Condition;
import app.islet.core.animal.Keeping;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether an animal should get more or less than it gets, by its mass, its belly and its scutes.
 *
 * @param belly width of the belly against the head, when somebody looked of late
 * @param raised whether its scutes were seen piled up of late
 * @param ration the share of its sheet's portions that is advised, where it is another than now
 */
public record RationAdvice(Belly belly, boolean raised, OptionalDouble ration) {
  /** A belly narrower than this share of the head is thin, a wider one fat; common practice. */
  public static final double THIN_BELLY_PERCENT = 80;

  public static final double FAT_BELLY_PERCENT = 125;

  /** By so much a ration is changed at once; common practice, no source. */
  public static final double STEP = 0.2;

  /** What was seen of belly and scutes so long ago says nothing of today, days; from memory. */
  public static final int RECENT_DAYS = 60;

  private static final double PERCENT = 100;

  /** How the belly looked. */
  public enum Belly {
    NOT_SEEN,
    THIN,
    NORMAL,
    FAT;

    static Belly of(double percentOfHead) {
      if (percentOfHead < THIN_BELLY_PERCENT) {
        return THIN;
      }
      return percentOfHead > FAT_BELLY_PERCENT ? FAT : NORMAL;
    }
  }

  /**
   * @param condition by its mass and length, where both are known
   * @param now the share of its sheet's portions it gets
   */
  public static RationAdvice of(
      Optional<Condition> condition, Collection<LifeEvent> events, double now, LocalDate today) {
    Belly belly =
        recent(events, LifeEvent.Kind.BELLY, today)
            .map(e -> Belly.of(e.amount().orElse(PERCENT)))
            .orElse(Belly.NOT_SEEN);
    boolean raised = recent(events, LifeEvent.Kind.RAISED, today).isPresent();
    return new RationAdvice(belly, raised, ration(direction(condition, belly, raised), now));
  }

  /** The newest of its kind that still says something. */
  public static Optional<LifeEvent> recent(
      Collection<LifeEvent> events, LifeEvent.Kind kind, LocalDate today) {
    LocalDate since = today.minusDays(RECENT_DAYS);
    return events.stream()
        .filter(e -> e.kind() == kind && e.day().isAfter(since))
        .max(Comparator.comparing(LifeEvent::day));
  }

  /** The scales speak before the eye; a thin one is never given less for its scutes. */
  private static int direction(Optional<Condition> condition, Belly belly, boolean raised) {
    Condition.Verdict verdict = condition.map(Condition::verdict).orElse(Condition.Verdict.NORMAL);
    if (verdict == Condition.Verdict.THIN) {
      return 1;
    }
    if (verdict == Condition.Verdict.FAT) {
      return -1;
    }
    if (belly == Belly.THIN) {
      return 1;
    }
    return belly == Belly.FAT || raised ? -1 : 0;
  }

  /** Towards more or less by a step, as far as a ration may go. */
  private static OptionalDouble ration(int direction, double now) {
    if (direction == 0) {
      return OptionalDouble.empty();
    }
    double step = Math.round(PERCENT * (now + direction * STEP)) / PERCENT;
    double then = Math.max(Keeping.MIN_RATION, Math.min(Keeping.MAX_RATION, step));
    return then == now ? OptionalDouble.empty() : OptionalDouble.of(then);
  }
}
