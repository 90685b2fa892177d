package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.WaterState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** More food than the grown-in filter, ground and glass turn to nitrate before a kit shows it. */
@AutoService(Rule.class)
public final class FilterOverloaded implements Rule {
  @Override
  public String id() {
    return "filter-overloaded";
  }

  /** The estimate is good to half or twice; only what is beyond that is said. */
  private static final double UNCERTAIN = 2;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    boolean filtered =
        s.residents().stream().anyMatch(r -> r.stage().needs().filtration().isPresent());
    // That there is none at all is said by another rule.
    if (!filtered || !s.geometry().hasWater() || !s.enclosure().has(Equipment.Filter.class)) {
      return Stream.empty();
    }
    WaterState waterState = s.waterState();
    double carries = waterState.carriesGPerDay();
    if (waterState.loadGPerDay() <= UNCERTAIN * carries) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.WATER)
            .basis(
                Evidence.published(
                    "Timmons and Ebeling, Recirculating Aquaculture, for ammonia from food; area of the media from memory"))
            .what(
                "Their food makes {} of ammonia nitrogen a day; filter, ground and glass turn about {} of it before a kit shows any.",
                Quantity.grams(waterState.loadGPerDay()),
                Quantity.grams(carries))
            .why(
                "What is not turned poisons them little by little. Estimate, half to twice; the kit decides.")
            .remedy("More media: a second or a larger filter.")
            .remedy("Fewer animals, or less food, and leftovers out at once.")
            .remedy("Test twice a week, and change part of the water at every trace.")
            .build());
  }
}
