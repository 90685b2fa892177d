package app.islet.core.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.plan.Hatchery;
import java.util.Optional;

/**
 * Water of a tub by the stage of those in it.
 *
 * @param depthCm how deep it should be
 * @param changeL of it to change at a time
 * @param saltPpt that nauplii carry in until the next change where the catch is poured in; an
 *     estimate
 */
public record TubWater(double depthCm, double changeL, double saltPpt) {
  /** Less cannot be poured. */
  private static final double MIN_CM = 0.5;

  /** Above this, freshwater larvae should get rinsed nauplii or more changes; from memory. */
  private static final double SALT_LIMIT_PPT = 1;

  private static final double PERCENT = 100;

  public static TubWater of(CareSheet sheet, Housing housing, Tub tub) {
    Milestone m = tub.milestone();
    return new TubWater(
        depthCm(sheet, m),
        tub.litres() * housing.changePercent() / PERCENT,
        tub.litres() > 0 ? Hatchery.carriedPpt(tub.litres(), mealsBetween(m, housing)) : 0);
  }

  /** A multiple of the height of the body, within what the care sheet allows of its stage. */
  private static double depthCm(CareSheet sheet, Milestone m) {
    double wanted =
        Math.max(MIN_CM, m.care().bodyHeights() * sheet.body().heightShare() * m.lengthCm());
    Optional<Needs.Depth> stated = m.stageOf(sheet).map(Stage::needs).flatMap(Needs::depth);
    if (stated.isEmpty() || m.care().gillsGo() || m.care().onLand()) {
      return wanted;
    }
    return Math.max(stated.get().minCm(), Math.min(stated.get().maxCm(), wanted));
  }

  private static double mealsBetween(Milestone m, Housing housing) {
    return m.care().foods().stream()
            .filter(food -> food.kind() == YoungFood.Kind.NAUPLII)
            .mapToDouble(food -> (double) food.timesADay() / food.everyDays())
            .sum()
        * housing.changeDays();
  }

  public boolean isTooSalty() {
    return saltPpt > SALT_LIMIT_PPT;
  }
}
