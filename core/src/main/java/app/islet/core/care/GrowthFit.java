package app.islet.core.care;

import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * The curve of growth that lies nearest to what was measured: {@code size = asymptote (1 - exp(-k
 * (time - t0)))}, by least squares.
 *
 * <p>For a given k the curve is a straight line in {@code (1 - exp(-k s)) / k}, s the time since
 * the first point, so the best k is first looked for along a scale of many, then all three numbers
 * are refined together.
 *
 * @param asymptote size it nears, in the unit of the sizes
 * @param k share of the gap closed in a unit of time, as {@code 1 - exp(-k)}
 * @param t0 time at which the curve starts from nothing
 * @param residualSs sum of the squares of what is left between points and curve
 * @see "von Bertalanffy, L. (1938), Human Biology 10(2), 181-213"
 */
public record GrowthFit(double asymptote, double k, double t0, double residualSs) {
  public static final int MIN_TIMES = 3;

  /** Over the span of the times: a smaller k is a straight line, as far as one can tell. */
  private static final double MIN_K = 1e-4;

  /** Over the time to the second point: with a larger k all growth was over by then. */
  private static final double MAX_K = 20;

  private static final int SCALE_STEPS = 2000;
  private static final int MAX_ROUNDS = 500;
  private static final double EXACT = 1e-14;

  public record Point(double time, double size) {}

  /**
   * @throws IllegalArgumentException with the reason, if fewer than three different times are given
   *     or no such curve fits the points
   */
  public static GrowthFit of(List<Point> points) {
    double[] times = points.stream().mapToDouble(Point::time).distinct().sorted().toArray();
    if (times.length < MIN_TIMES) {
      throw new IllegalArgumentException("a curve needs points at three different times or more");
    }
    double span = times[times.length - 1] - times[0];
    return new Search(points, times[0], MIN_K / span, MAX_K / (times[1] - times[0])).run();
  }

  /** {@code (1 - exp(-k s)) / k}, which goes over into s where k is small. */
  private static double nearing(double k, double s) {
    return -Math.expm1(-k * s) / k;
  }

  private static final class Search implements MultivariateJacobianFunction {
    private final List<Point> points;
    private final double first;
    private final double leastK;
    private final double mostK;

    Search(List<Point> points, double first, double leastK, double mostK) {
      this.points = points;
      this.first = first;
      this.leastK = leastK;
      this.mostK = mostK;
    }

    GrowthFit run() {
      int best = 0;
      double least = Double.POSITIVE_INFINITY;
      for (int step = 0; step <= SCALE_STEPS; step++) {
        double rest = residualSs(line(scale(step)));
        if (rest < least) {
          least = rest;
          best = step;
        }
      }
      if (best == 0) {
        throw new IllegalArgumentException(
            "the points accelerate or lie on a line: no curve that nears a size fits them");
      }
      if (best == SCALE_STEPS) {
        throw new IllegalArgumentException(
            "all growth lies before the second time: the points do not tell how fast it was");
      }
      double[] refined = refined(line(scale(best)));
      double k = refined[2];
      double asymptote = refined[0] + refined[1] / k;
      double reached = refined[0] / asymptote;
      if (!(refined[1] > 0 && asymptote > 0 && reached < 1)) {
        throw new IllegalArgumentException("the points shrink: no curve of growth fits them");
      }
      return new GrowthFit(asymptote, k, first + Math.log1p(-reached) / k, residualSs(refined));
    }

    private double scale(int step) {
      return leastK * Math.pow(mostK / leastK, (double) step / SCALE_STEPS);
    }

    /** Size at the first time, growth there, and k: the best two for a given k. */
    private double[] line(double k) {
      double meanX = 0;
      double meanY = 0;
      for (Point p : points) {
        meanX += nearing(k, p.time - first) / points.size();
        meanY += p.size / points.size();
      }
      double xx = 0;
      double xy = 0;
      for (Point p : points) {
        double x = nearing(k, p.time - first) - meanX;
        xx += x * x;
        xy += x * (p.size - meanY);
      }
      double growth = xy / xx;
      return new double[] {meanY - growth * meanX, growth, k};
    }

    private double[] refined(double[] start) {
      return new LevenbergMarquardtOptimizer()
          .withCostRelativeTolerance(EXACT)
          .withParameterRelativeTolerance(EXACT)
          .optimize(
              new LeastSquaresBuilder()
                  .model(this)
                  .start(start)
                  .target(points.stream().mapToDouble(Point::size).toArray())
                  .maxEvaluations(MAX_ROUNDS)
                  .maxIterations(MAX_ROUNDS)
                  .lazyEvaluation(false)
                  .build())
          .getPoint()
          .toArray();
    }

    private double residualSs(double[] curve) {
      double sum = 0;
      for (Point p : points) {
        double off = p.size - curve[0] - curve[1] * nearing(curve[2], p.time - first);
        sum += off * off;
      }
      return sum;
    }

    @Override
    public Pair<RealVector, RealMatrix> value(RealVector curve) {
      double growth = curve.getEntry(1);
      double k = curve.getEntry(2);
      RealVector sizes = MatrixUtils.createRealVector(new double[points.size()]);
      RealMatrix slopes = MatrixUtils.createRealMatrix(points.size(), 3);
      for (int n = 0; n < points.size(); n++) {
        double s = points.get(n).time - first;
        double x = nearing(k, s);
        sizes.setEntry(n, curve.getEntry(0) + growth * x);
        slopes.setEntry(n, 0, 1);
        slopes.setEntry(n, 1, x);
        slopes.setEntry(n, 2, growth * (s * Math.exp(-k * s) - x) / k);
      }
      return new Pair<>(sizes, slopes);
    }
  }
}
