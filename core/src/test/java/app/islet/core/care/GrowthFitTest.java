package app.islet.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.islet.core.care.GrowthFit.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.ParametricUnivariateFunction;
import org.hipparchus.fitting.SimpleCurveFitter;
import org.hipparchus.fitting.WeightedObservedPoint;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Data and certified values: NIST Statistical Reference Datasets, nonlinear regression, Misra1a and
 * BoxBOD, both of the model y = b1 (1 - exp(-b2 x)), which is the curve of growth with t0 = 0;
 * typed from memory, and checked by the certified sum of squares that they must give.
 */
class GrowthFitTest {
  private static final String MISRA1A =
      "77.6:10.07,114.9:14.73,141.1:17.94,190.8:23.93,239.9:29.61,289.0:35.18,332.8:40.02,"
          + "378.4:44.82,434.8:50.76,477.3:55.05,536.8:61.01,593.1:66.40,689.1:75.47,760.0:81.78";
  private static final double[] MISRA1A_CERTIFIED = {2.3894212918e2, 5.5015643181e-4};
  private static final double MISRA1A_RESIDUAL_SS = 1.2455138894e-1;

  private static final String BOXBOD = "1:109,2:149,3:149,5:191,7:213,10:224";
  private static final double[] BOXBOD_CERTIFIED = {2.1380940889e2, 5.4723748542e-1};
  private static final double BOXBOD_RESIDUAL_SS = 1.1680088766e3;

  private static List<Point> points(String text) {
    return Arrays.stream(text.split(","))
        .map(pair -> pair.split(":"))
        .map(p -> new Point(Double.parseDouble(p[0]), Double.parseDouble(p[1])))
        .toList();
  }

  private static double residualSs(List<Point> points, double asymptote, double k, double t0) {
    return points.stream()
        .mapToDouble(p -> Math.pow(p.size() - asymptote * -Math.expm1(-k * (p.time() - t0)), 2))
        .sum();
  }

  private static void atLeastAsGoodAsCertified(
      String data, double[] certified, double certifiedSs) {
    List<Point> points = points(data);
    assertThat(residualSs(points, certified[0], certified[1], 0))
        .as("the data are the published ones")
        .isCloseTo(certifiedSs, withinPercentage(1e-7));
    GrowthFit fit = GrowthFit.of(points);
    assertThat(fit.residualSs())
        .as("a free start fits no worse than one at 0")
        .isLessThanOrEqualTo(certifiedSs);
    assertThat(residualSs(points, fit.asymptote(), fit.k(), fit.t0()))
        .isCloseTo(fit.residualSs(), withinPercentage(1e-6));
    double[] library = byLibrary(points, certified);
    assertThat(fit.asymptote()).isCloseTo(library[0], withinPercentage(1e-4));
    assertThat(fit.k()).isCloseTo(library[1], withinPercentage(1e-4));
    assertThat(fit.t0()).isCloseTo(library[2], within(1e-4 * Math.abs(library[2]) + 1e-6));
  }

  /** The same least squares by Hipparchus, in the curve's own three numbers, from the certified. */
  private static double[] byLibrary(List<Point> points, double[] certified) {
    ParametricUnivariateFunction curve =
        new ParametricUnivariateFunction() {
          @Override
          public double value(double t, double... p) {
            return p[0] * -Math.expm1(-p[1] * (t - p[2]));
          }

          @Override
          public double[] gradient(double t, double... p) {
            double left = Math.exp(-p[1] * (t - p[2]));
            return new double[] {1 - left, p[0] * (t - p[2]) * left, -p[0] * p[1] * left};
          }
        };
    return SimpleCurveFitter.create(curve, new double[] {certified[0], certified[1], 0})
        .withMaxIterations(1000)
        .fit(points.stream().map(p -> new WeightedObservedPoint(1, p.time(), p.size())).toList());
  }

  @Test
  @DisplayName("Misra1a of NIST")
  void misra1a() {
    atLeastAsGoodAsCertified(MISRA1A, MISRA1A_CERTIFIED, MISRA1A_RESIDUAL_SS);
  }

  @Test
  @DisplayName("BoxBOD of NIST")
  void boxBod() {
    atLeastAsGoodAsCertified(BOXBOD, BOXBOD_CERTIFIED, BOXBOD_RESIDUAL_SS);
  }

  @RepeatedTest(60)
  @DisplayName("A curve is found again from points on it")
  void itself(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    double asymptote = 1 + 60 * random.nextDouble();
    double k = Math.exp(-7 + 7 * random.nextDouble());
    double t0 = -3 / k * random.nextDouble();
    List<Point> points = new ArrayList<>();
    int count = 3 + random.nextInt(8);
    for (int n = 0; n < count; n++) {
      double t = (n + random.nextDouble() * 0.5) * 0.5 / k;
      points.add(new Point(t, asymptote * -Math.expm1(-k * (t - t0))));
    }
    GrowthFit fit = GrowthFit.of(points);
    assertThat(fit.asymptote()).isCloseTo(asymptote, withinPercentage(1e-4));
    assertThat(fit.k()).isCloseTo(k, withinPercentage(1e-3));
    assertThat(fit.t0()).isCloseTo(t0, within(1e-5 / k));
    assertThat(fit.residualSs()).isLessThan(1e-10);
  }

  @RepeatedTest(40)
  @DisplayName("No number of the fit can be nudged to a better one, however the points scatter")
  void best(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    List<Point> points = new ArrayList<>();
    for (int n = 0; n < 12; n++) {
      points.add(new Point(n, 20 * -Math.expm1(-0.3 * (n + 1)) + random.nextGaussian() * 0.4));
    }
    GrowthFit fit = GrowthFit.of(points);
    for (double nudge : new double[] {1 - 1e-4, 1 + 1e-4}) {
      assertThat(residualSs(points, fit.asymptote() * nudge, fit.k(), fit.t0()))
          .isGreaterThanOrEqualTo(fit.residualSs());
      assertThat(residualSs(points, fit.asymptote(), fit.k() * nudge, fit.t0()))
          .isGreaterThanOrEqualTo(fit.residualSs());
      assertThat(residualSs(points, fit.asymptote(), fit.k(), fit.t0() * nudge))
          .isGreaterThanOrEqualTo(fit.residualSs());
    }
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = ';',
      value = {
        "0:1,1:2,2:3; accelerate or lie on a line",
        "0:0.1,1:0.2,2:0.3,3:0.4; accelerate or lie on a line",
        "0:1,1:2,2:4,3:8; accelerate or lie on a line",
        "0:5,1:5,2:5; accelerate or lie on a line",
        "0:8,1:5,2:4,3:3.6; shrink",
        "0:1,1:5,2:5,3:5; before the second time",
        "0:1,1:5; three different times",
        "0:1,1:5,1:6,0:1.2; three different times"
      })
  @DisplayName("Points without such a curve are refused with the reason")
  void refused(String text, String reason) {
    assertThatThrownBy(() -> GrowthFit.of(points(text)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(reason);
  }

  @Test
  @DisplayName("Several animals measured on one day count each")
  void severalOnADay() {
    GrowthFit fit = GrowthFit.of(points("0:2,0:3,1:5,1:6,2:6.5,2:7.5"));
    GrowthFit means = GrowthFit.of(points("0:2.5,1:5.5,2:7"));
    assertThat(fit.asymptote()).isCloseTo(means.asymptote(), within(1e-6));
    assertThat(fit.residualSs()).isCloseTo(1.5, within(1e-9));
  }

  /**
   * Worked examples of R's own help pages (package stats, self-starting models): SSasympOff on the
   * CO2 uptake of plant Qn1 (Potvin, Lechowicz and Tardif 1990), whose output is Asym 38.1398, lrc
   * -4.3806 and c0 51.2232, and SSasymp on the heights of Loblolly pine 329 (Kung 1986), Asym
   * 94.1282, R0 -8.2508, lrc -3.2176. Data and output typed from memory; that they agree confirms
   * both.
   */
  @Test
  void the_curve_is_the_one_that_nls_of_R_finds() {
    GrowthFit co2 =
        GrowthFit.of(points("95:16.0,175:30.4,250:34.8,350:37.2,500:35.3,675:39.2,1000:39.7"));
    assertThat(co2.asymptote()).isCloseTo(38.1398, within(2e-4));
    assertThat(Math.log(co2.k())).isCloseTo(-4.3806, within(2e-4));
    assertThat(co2.t0()).isCloseTo(51.2232, within(2e-3));
    GrowthFit pine = GrowthFit.of(points("3:3.93,5:9.34,10:26.08,15:37.79,20:48.31,25:56.43"));
    assertThat(pine.asymptote()).isCloseTo(94.1282, within(2e-3));
    assertThat(Math.log(pine.k())).isCloseTo(-3.2176, within(2e-4));
    double atNothing = pine.asymptote() * -Math.expm1(pine.k() * pine.t0());
    assertThat(atNothing).isCloseTo(-8.2508, within(2e-3));
  }
}
