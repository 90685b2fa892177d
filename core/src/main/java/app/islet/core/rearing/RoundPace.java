package app.islet.core.rearing;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeSet;

/** How long this keeper takes for a tub, told by when tub after tub was ticked. */
public final class RoundPace {
  /** Longer than this between two tubs was a pause, or the next round. */
  private static final Duration PAUSE = Duration.ofMinutes(12);

  /** Fewer tubs tell nothing. */
  private static final int MIN = 10;

  private static final double SECONDS_A_MINUTE = 60;

  private RoundPace() {}

  /**
   * The middle of the times from one tub to the next; empty where too few were ticked one by one.
   *
   * @param done when tubs were seen to, in any order; what was ticked at one instant was ticked
   *     together and says nothing
   */
  public static OptionalDouble minutesATub(Collection<LocalDateTime> done) {
    List<LocalDateTime> inOrder = List.copyOf(new TreeSet<>(done));
    List<Double> minutes = new ArrayList<>();
    for (int i = 1; i < inOrder.size(); i++) {
      Duration gap = Duration.between(inOrder.get(i - 1), inOrder.get(i));
      if (gap.compareTo(PAUSE) <= 0) {
        minutes.add(gap.toSeconds() / SECONDS_A_MINUTE);
      }
    }
    minutes.sort(null);
    return minutes.size() < MIN
        ? OptionalDouble.empty()
        : OptionalDouble.of(minutes.get(minutes.size() / 2));
  }
}
