package app.islet.core.feeding;

/**
 * What may be given on one day, the likeliest first: each set of foods that has all that must be
 * given, and no more than there is room for. A set is a number, each food a bit of it.
 */
final class Choices {
  private static final int MAX_FOODS = 20;
  private static final int NONE = -1;

  private final int most;
  private final double sharedDay;
  private final int[] foods = new int[MAX_FOODS];
  private final double[] early = new double[MAX_FOODS];
  private final double[] waiting = new double[MAX_FOODS];
  private int count;
  private int must;
  private boolean started;
  private double lastCost = Double.NEGATIVE_INFINITY;
  private int lastSet = NONE;

  Choices(int most, double sharedDay) {
    this.most = most;
    this.sharedDay = sharedDay;
  }

  /** Nothing, and nothing else. */
  static Choices fasting() {
    return new Choices(0, 0);
  }

  /**
   * @param food its bit
   * @param earlyCost how bad it is to give it today already
   * @param waitingCost how bad it is not to give it today
   */
  void add(int food, double earlyCost, double waitingCost) {
    foods[count] = food;
    early[count] = earlyCost;
    waiting[count] = waitingCost;
    count++;
  }

  Choices with(int needed) {
    this.must = needed;
    return this;
  }

  /**
   * The next likeliest, −1 after the last. Most days are settled by the first: the others are
   * looked for only when they are asked.
   */
  int next() {
    int best = NONE;
    double least = Double.POSITIVE_INFINITY;
    for (int pick = 0; pick < 1 << count; pick++) {
      if (Integer.bitCount(pick) > most) {
        continue;
      }
      int set = set(pick);
      if ((set & must) != must) {
        continue;
      }
      double cost = cost(pick);
      boolean after = !started || cost > lastCost || cost == lastCost && set > lastSet;
      if (after && (cost < least || cost == least && set < best)) {
        least = cost;
        best = set;
      }
    }
    started = true;
    lastCost = least;
    lastSet = best;
    return best;
  }

  private int set(int pick) {
    int set = 0;
    for (int n = 0; n < count; n++) {
      set |= (pick >> n & 1) == 1 ? foods[n] : 0;
    }
    return set;
  }

  private double cost(int pick) {
    int size = Integer.bitCount(pick);
    double cost = sharedDay * Math.max(0, size - 1);
    for (int n = 0; n < count; n++) {
      cost += (pick >> n & 1) == 1 ? early[n] : waiting[n];
    }
    return cost;
  }
}
