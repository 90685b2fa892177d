package app.islet.web.page.rearing;

import app.islet.core.livestock.Place;

/** How young leave the books by a cause that a keeper taps. */
final class LossWays {
  private static final String ESCAPED = "escaped";

  private LossWays() {}

  /** Whoever climbed out is not dead for certain; all others died. */
  static Place of(String cause) {
    return Place.out(cause.equals(ESCAPED) ? Place.Kind.ESCAPED : Place.Kind.DIED);
  }
}
