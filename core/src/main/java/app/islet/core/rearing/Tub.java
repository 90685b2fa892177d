package app.islet.core.rearing;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A tub or box of a batch today.
 *
 * @param key of the place on the books
 * @param number on its label
 * @param litres of water in it
 * @param animals in it now
 * @param milestone the stage they are in
 * @param lostLately whether one was lost here within three days
 * @param parting whether those in it must be parted; empty where nobody measured several
 */
public record Tub(
    String key,
    int number,
    double litres,
    int animals,
    Milestone milestone,
    TubState state,
    boolean lostLately,
    Optional<Parting> parting) {
  /** Days without food for young that are not changing; common practice, no source. */
  private static final int USUAL_FAST_DAYS = 1;

  /** How it stands, the cleanest first: in this order tubs are visited. */
  public enum Health {
    WELL,
    /** Eats nothing for longer than is normal, must be parted, or one was lost lately. */
    WATCH,
    APART
  }

  /** What to make of meals that were left. */
  public enum Appetite {
    EATS,
    /** Normal in its stage. */
    FASTS,
    /** Longer than is normal: test the water, offer smaller live food. */
    TOO_LONG
  }

  public Appetite appetite(LocalDate today) {
    long days = state.daysWithoutFood(today);
    if (days == 0) {
      return Appetite.EATS;
    }
    return days <= normalFastDays() ? Appetite.FASTS : Appetite.TOO_LONG;
  }

  /** So many days without food are normal in its stage. */
  public int normalFastDays() {
    return Math.max(USUAL_FAST_DAYS, milestone.care().fastDays());
  }

  public Health health(LocalDate today) {
    if (state.apart()) {
      return Health.APART;
    }
    boolean parted = parting.filter(Parting::isNeeded).isPresent();
    return lostLately || parted || appetite(today) == Appetite.TOO_LONG
        ? Health.WATCH
        : Health.WELL;
  }
}
