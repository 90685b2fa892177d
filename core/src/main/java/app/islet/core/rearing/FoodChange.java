package app.islet.core.rearing;

import app.islet.core.care.Evidence;

/**
 * From live to dead food over some days: whoever takes the young on cannot hatch nauplii.
 *
 * @param at id of the stage with which it begins
 */
public record FoodChange(
    YoungFood.Kind from, YoungFood.Kind to, int days, String at, Evidence basis) {
  private static final int PERCENT = 100;

  /**
   * Share of the old food on a day of the change, in per cent to the nearest ten.
   *
   * @param day 1 for the first
   */
  public int oldPercent(int day) {
    double share = 1 - (double) Math.max(0, Math.min(days, day)) / days;
    return (int) Math.round(share * 10) * PERCENT / 10;
  }
}
