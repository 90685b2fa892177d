package app.islet.core.climate;

import java.util.Locale;

/**
 * How fast a year is simulated, beside the same equations in Hipparchus' adaptive solver at the
 * same accuracy. Prints ratios and judges nothing: run its {@code main}.
 */
public final class ClimateBenchmark {
  private static final int DAYS = 365;

  private ClimateBenchmark() {}

  public static void main(String[] arguments) {
    ClimateModel model = ThermalSimulationTest.model(ThermalSimulationTest.furnished());
    Settings held = Settings.of(24, 26, Double.NaN, 8, 12, 0);
    Settings free = Settings.of(Double.NaN, Double.NaN, Double.NaN, 8, 12, 0);
    for (int round = 0; round < 8; round++) {
      long start = System.nanoTime();
      TemperatureSeries year =
          ThermalSimulation.year(
              model.envelope(), model.machines(), held, model.room(), 1, DAYS, 1, 24, 24);
      double yearMs = (System.nanoTime() - start) / 1e6;

      start = System.nanoTime();
      TemperatureSeries same =
          ThermalSimulation.spell(
              model.envelope(), model.machines().fan(0), free, model.room(), 1, DAYS, 1, 24, 24);
      double sameMs = (System.nanoTime() - start) / 1e6;
      double[] best = exact(model, free, 1e-9);
      double tolerance = 1e-2;
      double[] solved;
      double solverMs;
      do {
        tolerance /= 10;
        start = System.nanoTime();
        solved = exact(model, free, tolerance);
        solverMs = (System.nanoTime() - start) / 1e6;
      } while (error(solved, best) > error(ends(same), best));
      System.out.printf(
          Locale.ROOT,
          "a year by the minute with lid, lamp, heater and fan %.0f ms (%.1f litres evaporated); without thermostats %.0f ms, off by %.5f K; adaptive solver at %.5f K %.0f ms; ratio 1 : %.1f%n",
          yearMs,
          year.energy().evaporatedKg(),
          sameMs,
          error(ends(same), best),
          error(solved, best),
          solverMs,
          solverMs / sameMs);
    }
  }

  private static double[] exact(ClimateModel model, Settings free, double tolerance) {
    return new Reference(model.envelope(), model.machines().fan(0), model.room(), 1, free)
        .dayEnds(DAYS, 24, 24, tolerance);
  }

  private static double[] ends(TemperatureSeries course) {
    double[] ends = new double[DAYS];
    for (int day = 0; day < DAYS; day++) {
      ends[day] = course.waterC()[1440 * (day + 1) - 1];
    }
    return ends;
  }

  private static double error(double[] some, double[] exact) {
    double most = 0;
    for (int day = 0; day < DAYS; day++) {
      most = Math.max(most, Math.abs(some[day] - exact[day]));
    }
    return most;
  }
}
