package app.islet.core.animal;

/** Who is too small to live beside a larger one: swallowed, or bitten at meals. */
public final class TooSmallBeside {
  /** Who is shorter than this share of another is no company for it; common practice, no source. */
  private static final double HALF = 0.5;

  private TooSmallBeside() {}

  /** Share of the larger one's length that the smaller must have. */
  public static double neededRatio(Resident small, Resident big) {
    return Math.max(isSameKind(small, big) ? 0 : HALF, big.stage().needs().group().sizeRatio());
  }

  public static boolean isSameKind(Resident one, Resident other) {
    return one.sheet().kind().equals(other.sheet().kind());
  }

  /**
   * Whether it is so much shorter that nobody keeps the two together; common practice, no source.
   */
  public static boolean underHalf(double smallCm, double bigCm) {
    return smallCm < HALF * bigCm;
  }

  /** Whether the smaller should be parted from the larger. */
  public static boolean holds(Resident small, Resident big) {
    return small.bodyCm() < big.bodyCm()
        && (big.swallows(small) || small.bodyCm() / big.bodyCm() < neededRatio(small, big));
  }
}
