package app.islet.core.climate;

import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Check;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * Fits the estimate to the keeper's own thermometer: how many times as much heat passes and how
 * many times as much evaporates as estimated, by least squares over a log of water and room.
 *
 * <p>Between two readings the room is taken as going straight from one to the other. The heater is
 * taken as off: log a few hours of water warming or cooling towards its room. Both factors are
 * drawn towards 1 as softly as they are known beforehand, within 30 %: what the log does not tell
 * apart stays as it was estimated.
 *
 * @param before the factors so far, {@code after} the fitted ones
 * @param offBeforeK how far the estimate was off on average (root mean square), {@code offAfterK}
 *     how far it is now
 * @param lossWithin share by which the loss factor may still be off (one standard deviation)
 */
public record CalibrationFit(
    Calibration before,
    Calibration after,
    double offBeforeK,
    double offAfterK,
    double lossWithin,
    double evaporationWithin) {
  public static final int MIN_READINGS = 4;

  /** Nobody's tank loses less than half or more than twice what its panes and surface say. */
  private static final double LIKELY_LEAST = 0.5;

  private static final double LIKELY_MOST = 2;

  /** A log that leaves the loss less certain than this says little. */
  private static final double GOOD_WITHIN = 0.15;

  /** How far a fit is to be believed. */
  public enum Trust {
    GOOD,
    /** The log is too short, or its water too near to its room. */
    LITTLE,
    /** Something else warmed or cooled it: a heater left on, the sun, a probe out of the water. */
    UNLIKELY
  }

  public Trust trust() {
    if (!isLikely(after.lossFactor()) || !isLikely(after.evaporationFactor())) {
      return Trust.UNLIKELY;
    }
    return lossWithin < GOOD_WITHIN ? Trust.GOOD : Trust.LITTLE;
  }

  private static boolean isLikely(double factor) {
    return factor >= LIKELY_LEAST && factor <= LIKELY_MOST;
  }

  private static final int STEP_MINUTES = 5;
  private static final double THERMOMETER_K = 0.2;
  private static final double KNOWN_WITHIN = 0.3;
  private static final double NUDGE = 1e-3;
  private static final int MAX_ROUNDS = 200;

  /** A pair of readings, {@code hours} after the first. */
  public record Reading(double hours, double waterC, double roomC) {
    public Reading {
      Check.inRange("hours", hours, 0, 24 * 60);
      Check.inRange("waterC", waterC, -1.8, 50);
      Check.inRange("roomC", roomC, -20, 50);
    }
  }

  /**
   * @throws IllegalArgumentException if there are fewer than four readings, or all within an hour
   */
  public static CalibrationFit of(Enclosure e, Geometry s, List<Reading> log) {
    List<Reading> sorted = log.stream().sorted(Comparator.comparingDouble(Reading::hours)).toList();
    if (sorted.size() < MIN_READINGS
        || sorted.get(sorted.size() - 1).hours() - sorted.get(0).hours() < 1) {
      throw new IllegalArgumentException(
          "a fit needs %d readings or more over an hour or longer".formatted(MIN_READINGS));
    }
    return new Fit(e, s, sorted).run();
  }

  /** Least squares in the logarithms of both factors, so that they stay above nothing. */
  private static final class Fit implements MultivariateJacobianFunction {
    private final Enclosure e;
    private final Geometry geometry;
    private final List<Reading> log;
    private final HeatSources machines;

    Fit(Enclosure e, Geometry geometry, List<Reading> log) {
      this.e = e;
      this.geometry = geometry;
      this.log = log;
      this.machines = ClimateModel.of(e, geometry).machines().heater(0).chiller(0);
    }

    CalibrationFit run() {
      Calibration before = e.conditions().calibration();
      double[] start = {0, 0};
      double[] target = new double[log.size() - 1 + 2];
      Optimum best =
          new LevenbergMarquardtOptimizer()
              .optimize(
                  new LeastSquaresBuilder()
                      .model(this)
                      .start(start)
                      .target(target)
                      .maxEvaluations(MAX_ROUNDS)
                      .maxIterations(MAX_ROUNDS)
                      .lazyEvaluation(false)
                      .build());
      RealVector sigma = best.getSigma(1e-12);
      Calibration after = calibration(best.getPoint().toArray());
      return new CalibrationFit(
          before, after, off(before), off(after), sigma.getEntry(0), sigma.getEntry(1));
    }

    private static Calibration calibration(double[] logs) {
      return new Calibration(bounded(Math.exp(logs[0])), bounded(Math.exp(logs[1])));
    }

    private static double bounded(double factor) {
      return Math.max(Calibration.MIN, Math.min(Calibration.MAX, factor));
    }

    private double off(Calibration c) {
      double sum = 0;
      double[] missed = missed(c);
      for (double k : missed) {
        sum += k * k;
      }
      return Math.sqrt(sum / missed.length);
    }

    @Override
    public Pair<RealVector, RealMatrix> value(RealVector point) {
      double[] at = point.toArray();
      double[] here = residuals(at);
      double[][] jacobian = new double[here.length][2];
      for (int parameter = 0; parameter < 2; parameter++) {
        double[] moved = at.clone();
        moved[parameter] += NUDGE;
        double[] there = residuals(moved);
        for (int n = 0; n < here.length; n++) {
          jacobian[n][parameter] = (there[n] - here[n]) / NUDGE;
        }
      }
      return new Pair<>(MatrixUtils.createRealVector(here), MatrixUtils.createRealMatrix(jacobian));
    }

    /** In units of what a thermometer, or the estimate itself, may be off. */
    private double[] residuals(double[] logs) {
      double[] missed = missed(calibration(logs));
      double[] all = new double[missed.length + 2];
      for (int n = 0; n < missed.length; n++) {
        all[n] = missed[n] / THERMOMETER_K;
      }
      all[missed.length] = logs[0] / KNOWN_WITHIN;
      all[missed.length + 1] = logs[1] / KNOWN_WITHIN;
      return all;
    }

    /** Estimated less read water at each reading after the first, K. */
    private double[] missed(Calibration c) {
      Envelope envelope = Envelope.of(e.with(e.conditions().with(c)), geometry);
      double[] missed = new double[log.size() - 1];
      double[] estimated =
          ThermalSimulation.follow(envelope, machines, e.site(), log, STEP_MINUTES);
      for (int n = 0; n < missed.length; n++) {
        missed[n] = estimated[n] - log.get(n + 1).waterC();
      }
      return missed;
    }
  }

  /** Whether the design has something that would spoil a log if it ran. */
  public static boolean mustSwitchOff(Enclosure e) {
    return e.has(Equipment.Heater.class) || e.has(Equipment.Chiller.class);
  }
}
