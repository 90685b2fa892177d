package app.islet.core.rearing;

import app.islet.core.care.Body;

/**
 * Who of a box must be parted: a large one bites the tail off a small one, or swallows it.
 *
 * @param smallestCm in the box
 * @param largestCm in the box
 */
public record Parting(double smallestCm, double largestCm, Why why) {
  /** Why, the gravest first. */
  public enum Why {
    /** The small one fits the large one's mouth. */
    SWALLOWED,
    /** Too unlike in length. */
    UNLIKE,
    NONE
  }

  /**
   * @param sizeRatio length of the shorter over that of the longer, below which they are parted; 0
   *     where it does not matter
   */
  public static Parting of(Body body, double sizeRatio, double smallestCm, double largestCm) {
    if (!(smallestCm > 0 && largestCm >= smallestCm)) {
      throw new IllegalArgumentException(
          "the smallest is %s cm and the largest %s cm".formatted(smallestCm, largestCm));
    }
    boolean fits = body.mouthShare() * largestCm >= body.widthShare() * smallestCm;
    Why why =
        fits ? Why.SWALLOWED : smallestCm / largestCm < sizeRatio - 1e-9 ? Why.UNLIKE : Why.NONE;
    return new Parting(smallestCm, largestCm, why);
  }

  public boolean isNeeded() {
    return why != Why.NONE;
  }

  /** Whether so different ones may go back together: on land, and of a size. */
  public boolean mayRegroup(Milestone stage) {
    return stage.care().onLand() && !isNeeded();
  }
}
