package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.WaterState;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;

/** Water too sour or too alkaline. */
@AutoService(Rule.class)
public final class PhOff implements ResidentRule {
  @Override
  public String id() {
    return "ph-off";
  }

  /** A drop test reads no finer. */
  private static final double READING = 0.2;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Chemistry> need = r.stage().needs().chemistry();
    OptionalDouble measured = s.waterState().ph();
    if (need.isEmpty() || measured.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    Range want = need.get().ph();
    double ph = measured.getAsDouble();
    if (ph >= want.min() - READING && ph <= want.max() + READING) {
      return Optional.empty();
    }
    double off = Math.max(want.min() - ph, ph - want.max());
    return Optional.of(
        finding(off > 1 ? Severity.WRONG : Severity.WATCH, Step.WATER)
            .who(r)
            .basis(need.get().basis())
            .what(
                "A pH of {}; {} should have {}.",
                new Quantity(Dimension.RATIO, ph),
                r.words(),
                Phrase.range(want, Dimension.RATIO))
            .why(
                ph < want.min()
                    ? "Sour water harms skin and gills and stops the filter's bacteria."
                    : "The higher the pH, the more of the ammonia is poisonous.")
            .remedy("Test the tap water too, and the hardness that holds the pH.")
            .remedy(
                "Move it slowly, at most {} a day, so for about {}: by changes with other water, no powders at once.",
                new Quantity(Dimension.RATIO, WaterState.MAX_PH_A_DAY),
                Quantity.days(Math.ceil(off / WaterState.MAX_PH_A_DAY)))
            .build());
  }
}
