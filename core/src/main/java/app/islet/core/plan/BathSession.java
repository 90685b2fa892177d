package app.islet.core.plan;

/**
 * Animals bathed some at a time: the next bathe while the last ones dry, so that only the last
 * drying counts.
 *
 * @param oneByOneMin the same without overlapping
 */
public record BathSession(int batches, double totalMin, double oneByOneMin) {
  /**
   * @param atOnce animals in the bath at a time, 1 and more
   */
  public static BathSession of(int animals, int atOnce, double bathMin, double dryMin) {
    int batches = (animals + atOnce - 1) / atOnce;
    return new BathSession(batches, batches * bathMin + dryMin, animals * (bathMin + dryMin));
  }
}
