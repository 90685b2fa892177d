package app.islet.core.animal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Growth;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * How some animals grow by their own measurements: von Bertalanffy's curve, its adult length and
 * its speed drawn from the care sheet's towards what was measured, the more the more there is of it
 * and the farther it lies apart.
 *
 * <p>Most probable curve (maximum a posteriori): what is off in each length is taken as normal, the
 * adult length and the speed as lognormal about the sheet's. Its spread follows from the curvature
 * there (Laplace's approximation).
 *
 * @see "von Bertalanffy, L. (1938), Human Biology 10(2), 181-213"
 */
public final class OwnGrowth {
  /** Four of five animals grow at half to twice the speed of the sheet; from memory. */
  private static final double SPEED_SPREAD = Math.log(2) / 1.2816;

  /** Four of five reach within a quarter of the sheet's adult length; from memory. */
  private static final double LENGTH_SPREAD = Math.log(1.25) / 1.2816;

  /** What a ruler on a moving animal is off by: this, and this share of the length; from memory. */
  private static final double RULER_CM = 0.1;

  private static final double RULER_SHARE = 0.01;

  /** Limits of the middle four fifths of a normal spread. */
  private static final double FOUR_FIFTHS = 1.2816;

  private static final double DAYS_PER_YEAR = 365.25;
  private static final int MAX_ROUNDS = 200;
  private static final double EXACT = 1e-10;
  private static final double SINGULAR = 1e-14;

  private final Growth sheet;
  private final List<Measure> measures;
  private final double[] curve;
  private final RealMatrix spread;

  /** Logarithm of the adult length, of the speed a year, and the length at the first measure. */
  private OwnGrowth(Growth sheet, List<Measure> measures, double[] curve, RealMatrix spread) {
    this.sheet = sheet;
    this.measures = measures;
    this.curve = curve;
    this.spread = spread;
  }

  /**
   * @param measures of one form of the animal, one or more, in any order
   */
  public static OwnGrowth of(Growth sheet, List<Measure> measures) {
    if (measures.isEmpty()) {
      throw new IllegalArgumentException("nothing was measured");
    }
    List<Measure> sorted = measures.stream().sorted(Comparator.comparing(Measure::day)).toList();
    LeastSquaresOptimizer.Optimum best = new Fit(sheet, sorted).run();
    return new OwnGrowth(sheet, sorted, best.getPoint().toArray(), best.getCovariances(SINGULAR));
  }

  /**
   * The curve that the lengths of these animals tell: none where they are too few, or where some
   * may be of another form, as of the tadpole that a frog was.
   *
   * @param formSince the day since which they have this form, where known
   */
  public static Optional<OwnGrowth> of(
      CareSheet sheet, Stage stage, List<Measure> measures, Optional<LocalDate> formSince) {
    boolean changed =
        sheet.stages().stream()
            .takeWhile(s -> !s.id().equals(stage.id()))
            .anyMatch(s -> s.endsInChange() && s.hatch().isEmpty());
    List<Measure> ofThisForm =
        changed
            ? measures.stream()
                .filter(m -> formSince.map(day -> !m.day().isBefore(day)).orElse(false))
                .toList()
            : measures;
    return ofThisForm.isEmpty()
        ? Optional.empty()
        : Optional.of(of(sheet.growth(), ofThisForm)).filter(OwnGrowth::isMeasured);
  }

  private static double offCm(double lengthCm) {
    return Math.hypot(RULER_CM, RULER_SHARE * lengthCm);
  }

  /** What is worth saying of it: one length tells nothing of growth. */
  public boolean isMeasured() {
    return measures.get(0).day().isBefore(measures.get(measures.size() - 1).day());
  }

  public List<Measure> measures() {
    return measures;
  }

  /** The curve from here on, for what follows from growth. */
  public Growth growth() {
    return isMeasured()
        ? new Growth(Math.exp(curve[0]), Math.exp(curve[1]), Evidence.measured(words()))
        : sheet;
  }

  private String words() {
    return "%s from %s to %s"
        .formatted(
            English.count(measures.size(), "length"),
            English.day(measures.get(0).day()),
            English.day(measures.get(measures.size() - 1).day()));
  }

  private double years(LocalDate day) {
    return ChronoUnit.DAYS.between(measures.get(0).day(), day) / DAYS_PER_YEAR;
  }

  /** Length on a day by the curve, cm. */
  public double lengthCm(LocalDate day) {
    return length(curve, years(day));
  }

  /** Length on a day by the sheet alone, from what was measured first, cm. */
  public double usualCm(LocalDate day) {
    return sheet.lengthCm(measures.get(0).lengthCm(), Math.max(0, years(day)) * DAYS_PER_YEAR);
  }

  /** Where four of five such animals are on a day, cm; one length alone: half as fast, or twice. */
  public Range band(LocalDate day) {
    if (!isMeasured()) {
      double days = Math.max(0, years(day)) * DAYS_PER_YEAR;
      return new Range(atSpeed(0.5, days), atSpeed(2, days));
    }
    RealVector slope = MatrixUtils.createRealVector(slope(curve, years(day)));
    double off = FOUR_FIFTHS * Math.sqrt(slope.dotProduct(spread.operate(slope)));
    double middle = lengthCm(day);
    return new Range(Math.max(0, middle - off), middle + off);
  }

  private double atSpeed(double times, double days) {
    return sheet.lengthCm(measures.get(measures.size() - 1).lengthCm(), times * days);
  }

  private static double length(double[] curve, double years) {
    double adult = Math.exp(curve[0]);
    return adult - (adult - curve[2]) * Math.exp(-Math.exp(curve[1]) * years);
  }

  /** How the length at that time follows each of the three numbers. */
  private static double[] slope(double[] curve, double years) {
    double adult = Math.exp(curve[0]);
    double speed = Math.exp(curve[1]);
    double left = Math.exp(-speed * years);
    return new double[] {adult * (1 - left), (adult - curve[2]) * left * speed * years, left};
  }

  /** Lengths beside the curve, each by what a ruler is off, and the two numbers of the sheet. */
  private static final class Fit implements MultivariateJacobianFunction {
    private final List<Measure> measures;
    private final double[] years;
    private final double[] prior;
    private final double[] priorSpread = {LENGTH_SPREAD, SPEED_SPREAD};

    Fit(Growth sheet, List<Measure> measures) {
      this.measures = measures;
      this.years =
          measures.stream()
              .mapToDouble(
                  m -> ChronoUnit.DAYS.between(measures.get(0).day(), m.day()) / DAYS_PER_YEAR)
              .toArray();
      this.prior = new double[] {Math.log(sheet.asymptoteCm()), Math.log(sheet.perYear())};
    }

    LeastSquaresOptimizer.Optimum run() {
      return new LevenbergMarquardtOptimizer()
          .withCostRelativeTolerance(EXACT)
          .withParameterRelativeTolerance(EXACT)
          .optimize(
              new LeastSquaresBuilder()
                  .model(this)
                  .start(new double[] {prior[0], prior[1], measures.get(0).lengthCm()})
                  .target(new double[measures.size() + prior.length])
                  .maxEvaluations(MAX_ROUNDS)
                  .maxIterations(MAX_ROUNDS)
                  .lazyEvaluation(false)
                  .build());
    }

    @Override
    public Pair<RealVector, RealMatrix> value(RealVector at) {
      double[] now = at.toArray();
      int count = measures.size();
      RealVector off = MatrixUtils.createRealVector(new double[count + prior.length]);
      RealMatrix slopes = MatrixUtils.createRealMatrix(count + prior.length, now.length);
      for (int n = 0; n < count; n++) {
        double measured = measures.get(n).lengthCm();
        double ruler = offCm(measured);
        off.setEntry(n, (length(now, years[n]) - measured) / ruler);
        double[] slope = slope(now, years[n]);
        for (int p = 0; p < now.length; p++) {
          slopes.setEntry(n, p, slope[p] / ruler);
        }
      }
      for (int p = 0; p < prior.length; p++) {
        off.setEntry(count + p, (now[p] - prior[p]) / priorSpread[p]);
        slopes.setEntry(count + p, p, 1 / priorSpread[p]);
      }
      return new Pair<>(off, slopes);
    }
  }
}
