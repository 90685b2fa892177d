package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Air warmer than a land-living animal stands. */
@AutoService(Rule.class)
public final class AirTooWarm implements ResidentRule {
  @Override
  public String id() {
    return "air-too-warm";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Temperature> need = r.stage().needs().air();
    if (need.isEmpty() || s.climate().air().isEmpty()) {
      return Optional.empty();
    }
    Needs.Temperature t = need.get();
    double summer = s.airC(r).orElseThrow().max();
    Optional<Severity> severity = OffTemperature.tooWarm(t, summer);
    if (severity.isEmpty()) {
      return Optional.empty();
    }
    if (r.isResting()) {
      return Optional.of(
          TooWarmToRest.finding(finding(severity.get(), Step.CLIMATE), r, t, summer));
    }
    return Optional.of(
        finding(severity.get(), Step.SITE)
            .who(r)
            .basis(t.basis())
            .what(
                "Air of {} in the warmest room hour; {} should have {}.",
                Quantity.celsius(summer),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE))
            .why("It can neither sweat nor get away; heat dries it out and kills faster than cold.")
            .remedy("Move it to a cooler room for the summer.")
            .build());
  }
}
