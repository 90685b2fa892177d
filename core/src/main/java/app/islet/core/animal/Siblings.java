package app.islet.core.animal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Animals of one clutch or batch beside each other, the longest first.
 *
 * @param medianCm of their lengths
 */
public record Siblings(List<Rank> ranks, double medianCm) {
  /** A modified z-score over this is an outlier. */
  private static final double OUTLYING = 3.5;

  /** What makes the median of absolute deviations one standard deviation of a normal spread. */
  private static final double NORMAL = 0.6745;

  /** Of fewer no spread can be told: then this share of the median is outlying; from memory. */
  private static final int MIN_FOR_SPREAD = 5;

  private static final double FEW_OUTLYING = 0.25;

  /** No ruler tells siblings apart that differ by less of the median; from memory. */
  private static final double ALIKE = 0.05;

  public Siblings {
    ranks = List.copyOf(ranks);
  }

  /**
   * One of them.
   *
   * @param lengthCm today, grown since it was measured
   * @param share of the median
   * @param outlying whether it is far from the others
   */
  public record Rank(
      int place, Resident resident, double lengthCm, double share, boolean outlying) {}

  /**
   * @param some grown to the day that is asked; one or more, of one species
   * @see "Iglewicz, B. and Hoaglin, D. (1993), How to Detect and Handle Outliers, ASQC Quality
   *     Press"
   */
  public static Siblings of(List<Resident> some) {
    List<Resident> sorted =
        some.stream().sorted(Comparator.comparingDouble(Resident::bodyCm).reversed()).toList();
    double median = median(sorted.stream().mapToDouble(Resident::bodyCm).sorted().toArray());
    double spread =
        median(sorted.stream().mapToDouble(r -> Math.abs(r.bodyCm() - median)).sorted().toArray());
    List<Rank> ranks = new ArrayList<>();
    for (int n = 0; n < sorted.size(); n++) {
      double cm = sorted.get(n).bodyCm();
      boolean far = outlying(cm, median, spread, sorted.size());
      ranks.add(new Rank(n + 1, sorted.get(n), cm, cm / median, far));
    }
    return new Siblings(ranks, median);
  }

  private static boolean outlying(double cm, double median, double spread, int count) {
    double off = Math.abs(cm - median);
    if (count < MIN_FOR_SPREAD) {
      return off > FEW_OUTLYING * median;
    }
    return off > ALIKE * median && NORMAL * off > OUTLYING * spread;
  }

  private static double median(double[] sorted) {
    int middle = sorted.length / 2;
    return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
  }
}
