package app.islet.core.water;

import app.islet.core.quantity.Check;
import app.islet.core.quantity.Steps;
import java.util.ArrayList;
import java.util.List;

/**
 * Water led from one salinity to another over days, so that animal and bacteria can follow.
 *
 * @param toPpt salt at the end of the day
 * @param saltG marine salt to add that day, 0 on the way down
 * @param freshL of the water taken out for fresh that day, 0 on the way up
 */
public record SaltSteps(double toPpt, double saltG, double freshL) {
  /** Most in a day; common practice, no source. */
  public static final double MAX_PPT_A_DAY = 2;

  /**
   * @param volumeL of the tank, the same all the time
   */
  public static List<SaltSteps> between(
      double volumeL, double fromPpt, double toPpt, double tempC, double mostPptADay) {
    Check.positive("volumeL", volumeL);
    Steps steps = Steps.between(fromPpt, toPpt, mostPptADay);
    List<SaltSteps> all = new ArrayList<>();
    double now = fromPpt;
    for (int day = 1; day <= steps.days(); day++) {
      double next = day == steps.days() ? toPpt : fromPpt + day * steps.perDay();
      all.add(
          next >= now
              ? new SaltSteps(next, SaltMix.saltG(volumeL, now, next, tempC), 0)
              : new SaltSteps(next, 0, volumeL * (1 - next / now)));
      now = next;
    }
    return all;
  }

  /**
   * Salt after water has gone as vapour: the salt stays.
   *
   * @param evaporatedL less than {@code volumeL}
   */
  public static double afterEvaporation(double volumeL, double ppt, double evaporatedL) {
    return ppt * volumeL / Check.positive("what is left", volumeL - evaporatedL);
  }

  /**
   * Salt after so much has gone as vapour and was filled up with salted water instead of fresh, the
   * usual mistake.
   */
  public static double toppedUpSalted(double volumeL, double ppt, double evaporatedL) {
    return ppt * (volumeL + evaporatedL) / volumeL;
  }
}
