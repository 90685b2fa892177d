package app.islet.core.rearing;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Steps;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * Water brought from one temperature to another by small steps.
 *
 * @param perDayC most in a day, °C
 * @param at id of the stage with which it begins
 */
public record Weaning(double fromC, double toC, double perDayC, String at, Evidence basis) {
  /** Days until it is there. */
  public int days() {
    return (int) Steps.between(fromC, toC, perDayC).days();
  }

  /**
   * Target of a day, °C: {@code fromC} until it begins, then a step lower each day, the first step
   * on the day it begins.
   */
  public double targetC(LocalDate begins, LocalDate day) {
    long steps = Math.max(0, Math.min(days(), ChronoUnit.DAYS.between(begins, day) + 1));
    Steps all = Steps.between(fromC, toC, perDayC);
    return steps == days()
        ? toC
        : fromC + Math.signum(toC - fromC) * Math.abs(all.perDay()) * steps;
  }
}
