package app.islet.core.review.rule;

import app.islet.core.animal.Resident;

/**
 * How far the shape of a body may be off what its sheet estimates from its length. What a body a
 * fifth larger or smaller would pass is no Danger; that it drowns where it surely does not pass is
 * common practice.
 */
final class BodyEstimate {
  private static final double UNSURE = 1.2;

  private BodyEstimate() {}

  /** Whether the drop is higher than the animal, whatever its exact height. */
  static boolean surelyHigher(double dropCm, Resident r) {
    return dropCm > UNSURE * r.heightCm();
  }

  /** Whether the head goes through and the body does not, whatever their exact widths. */
  static boolean surelyHeld(double gapCm, Resident r) {
    return gapCm > UNSURE * r.headCm() && UNSURE * gapCm < r.widthCm();
  }
}
