package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.care.GrowthFit;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** The curve of growth through an animal's measurements. */
@AutoService(Calculator.class)
public final class GrowthFitCalculator extends AbstractCalculator {
  public GrowthFitCalculator() {
    super(
        "growth-fit",
        "Growth curve",
        "Size nears an asymptote, closing the same share of the gap in every unit of time: the curve nearest to the points, by least squares, in the units they are given in.",
        Evidence.published(
            "von Bertalanffy 1938, Human Biology 10(2), 181-213; least squares by Levenberg and Marquardt"),
        List.of(Input.points("points", "Points, time and size")),
        List.of(
            new Output("asymptote", "Size it nears", Dimension.FIGURE),
            new Output("k", "k, in one unit of time", Dimension.FIGURE),
            new Output("t0", "Time of size 0 on the curve", Dimension.FIGURE),
            new Output("residualSs", "Sum of the squares left over", Dimension.FIGURE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    try {
      GrowthFit fit = GrowthFit.of(in.points("points"));
      return answer(fit.asymptote(), fit.k(), fit.t0(), fit.residualSs());
    } catch (IllegalArgumentException e) {
      RefusedException refused = new RefusedException("points", "points: " + e.getMessage());
      refused.initCause(e);
      throw refused;
    }
  }
}
