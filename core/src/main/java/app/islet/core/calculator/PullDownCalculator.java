package app.islet.core.calculator;

import com.google.auto.service.AutoService;

/** How long a chiller takes to pull water down. */
@AutoService(Calculator.class)
public final class PullDownCalculator extends ApproachCalculator {
  public PullDownCalculator() {
    super("pull-down", "How long a chiller takes", "coolingW", "Cooling power", false);
  }
}
