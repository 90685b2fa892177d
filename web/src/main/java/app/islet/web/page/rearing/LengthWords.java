package app.islet.web.page.rearing;

import app.islet.core.rearing.Sizes;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;

/** Lengths of the smallest and the largest, as one where they are alike. */
final class LengthWords {
  private LengthWords() {}

  static String of(Sizes sizes, Units u) {
    String smallest = u.cm(sizes.smallestCm());
    String largest = u.cm(sizes.largestCm());
    return smallest.equals(largest)
        ? smallest
        : Messages.text("rearing.guide-range", smallest, largest);
  }
}
