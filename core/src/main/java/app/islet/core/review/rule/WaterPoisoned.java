package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Toxicity;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Free ammonia or nitrite in the newest test while animals live in it. */
@AutoService(Rule.class)
public final class WaterPoisoned implements Rule {
  @Override
  public String id() {
    return "water-poisoned";
  }

  private static final Evidence BASIS =
      Evidence.published("free ammonia after Emerson 1975 and EIFAC 1970; nitrite from memory");

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    if (s.residents().isEmpty() || !s.geometry().hasWater()) {
      return Stream.empty();
    }
    return Toxicity.of(s.waterState(), s.date()).map(poison -> finding(s, poison)).stream();
  }

  private Finding finding(HusbandryState s, Toxicity poison) {
    Finding.Builder found =
        finding(poison.isDanger() ? Severity.DANGER : Severity.WRONG, Step.WATER)
            .basis(BASIS)
            .what(
                "{} of free ammonia and {} of nitrite in the water, as nitrogen.",
                trace(poison.freeAmmoniaMgPerL()),
                trace(poison.nitriteMgPerL()))
            .why(
                "Ammonia burns gills and skin, nitrite takes the breath; both are unseen in clear water. At pH {} and {} the free share of {} of ammonia is {}.",
                new Quantity(Dimension.PH, poison.ph()),
                Quantity.celsius(poison.tempC()),
                trace(poison.ammoniaMgPerL()),
                Quantity.percent(100 * poison.freeShare()));
    if (poison.changes() > 0) {
      found.remedy(
          poison.changes() == 1
              ? "Change {} ({}) today; dechlorinated, at the tank's temperature. Test again tomorrow."
              : "Change {} ({}) today, and again tomorrow; dechlorinated, at the tank's temperature. Test before each.",
          Quantity.litres(s.geometry().waterL() * poison.percentEach() / 100),
          Quantity.percent(poison.percentEach()));
    }
    return found
        .remedy("Feed nothing until both are zero.")
        .remedy(
            "If it looks ill: into a shallow tub of clean water at the same temperature, changed whole every day. Then the vet.")
        .build();
  }

  private static Quantity trace(double mgPerL) {
    return new Quantity(Dimension.TRACE, mgPerL);
  }
}
