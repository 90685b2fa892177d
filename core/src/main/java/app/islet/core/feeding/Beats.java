package app.islet.core.feeding;

import java.time.LocalDate;
import java.util.List;

/** Each food of a menu has its beat, such that few fall on one day. */
final class Beats implements Ideals {
  /** Days over which it is looked at which beats fall together. */
  private static final int LOOKED_AT = 84;

  /** Phases tried for each food. */
  private static final int TRIES = 14;

  private static final double SHARED_DAY = 1.5;

  private final Beat[] beats;

  private Beats(Beat[] beats) {
    this.beats = beats;
  }

  /** In the order of the menu's turns; the same for the same menu whenever it is asked. */
  static Beats of(Menu menu) {
    List<Menu.Line> lines = menu.turns();
    double share = MenuSum.share(menu);
    Beat[] beats = new Beat[lines.size()];
    int[] load = new int[LOOKED_AT];
    for (int i = 0; i < beats.length; i++) {
      double rate = MenuSum.rate(lines.get(i).often(), share);
      beats[i] = quietest(rate, load, menu.days());
      for (int day = 0; day < LOOKED_AT; day++) {
        load[day] += beats[i].has(menu.days().from().toEpochDay() + day) ? 1 : 0;
      }
    }
    return new Beats(beats);
  }

  private static Beat quietest(double rate, int[] load, FeedingDays days) {
    Beat best = new Beat(rate, 0);
    long least = Long.MAX_VALUE;
    int tries = (int) Math.max(1, Math.min(TRIES, Math.ceil(1 / rate)));
    for (int n = 0; n < tries; n++) {
      Beat tried = new Beat(rate, (double) n / tries / rate);
      long together = together(tried, load, days);
      if (together < least) {
        least = together;
        best = tried;
      }
    }
    return best;
  }

  /** How much falls on days that have food already, or have none at all. */
  private static long together(Beat beat, int[] load, FeedingDays days) {
    long sum = 0;
    for (int day = 0; day < LOOKED_AT; day++) {
      if (beat.has(days.from().toEpochDay() + day)) {
        long weight = days.has(days.from().plusDays(day)) ? load[day] : 2;
        sum += weight * weight;
      }
    }
    return sum;
  }

  /** Half a gap after it was given at the earliest: given early, it need not be given again. */
  @Override
  public int next(int line, int last, LocalDate from) {
    int day = last == Course.NEVER ? 0 : last + Math.max(1, (int) Math.ceil(beats[line].gap() / 2));
    while (!beats[line].has(from.toEpochDay() + day)) {
      day++;
    }
    return day;
  }

  @Override
  public double gap(int line) {
    return beats[line].gap();
  }

  /** Better one waits some days. */
  @Override
  public double sharedDay() {
    return SHARED_DAY;
  }
}
