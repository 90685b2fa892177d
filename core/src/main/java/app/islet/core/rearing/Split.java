package app.islet.core.rearing;

/**
 * Animals shared out over boxes as evenly as can be, so that no box has more than one more than
 * another: {@code animals = fullerBoxes x animalsInFuller + otherBoxes x animalsInOther}.
 *
 * @param fullerBoxes all of them where they come out equal
 * @param animalsInOther one less than in the fuller; the same where all are equal
 */
public record Split(int fullerBoxes, int animalsInFuller, int otherBoxes, int animalsInOther) {
  /**
   * @param animals 0 and more
   * @param boxes 1 and more
   * @throws IllegalArgumentException if either is less
   */
  public static Split of(int animals, int boxes) {
    if (animals < 0 || boxes < 1) {
      throw new IllegalArgumentException(
          "%d animals in %d boxes cannot be shared out".formatted(animals, boxes));
    }
    int each = animals / boxes;
    int fuller = animals % boxes;
    return fuller == 0
        ? new Split(boxes, each, 0, each)
        : new Split(fuller, each + 1, boxes - fuller, each);
  }

  /** The fewest boxes with no more than so many in each; one at the least. */
  public static int boxesFor(int animals, int mostPerBox) {
    return Math.max(1, (animals + mostPerBox - 1) / mostPerBox);
  }
}
