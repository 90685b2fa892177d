package app.islet.core.rearing;

import app.islet.core.care.Body;

/**
 * Who of a box must be parted: a large one bites the tail off a small one, or swallows it.
 *
 * @param sizes of those in the box
 */
public record Parting(Sizes sizes, Why why) {
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
  public static Parting of(Body body, double sizeRatio, Sizes sizes) {
    double ratio = sizes.smallestCm() / sizes.largestCm();
    boolean fits = body.mouthShare() >= body.widthShare() * ratio;
    Why why = fits ? Why.SWALLOWED : ratio < sizeRatio - 1e-9 ? Why.UNLIKE : Why.NONE;
    return new Parting(sizes, why);
  }

  public boolean isNeeded() {
    return why != Why.NONE;
  }

  /** Whether so different ones may go back together: on land, and of a size. */
  public boolean mayRegroup(Milestone stage) {
    return stage.care().onLand() && !isNeeded();
  }
}
