package app.islet.core.calculator;

import com.google.auto.service.AutoService;

/** How long a heater takes to warm water. */
@AutoService(Calculator.class)
public final class WarmUpCalculator extends ApproachCalculator {
  public WarmUpCalculator() {
    super("warm-up", "How long a heater takes", "heatingW", "Heating power", true);
  }
}
