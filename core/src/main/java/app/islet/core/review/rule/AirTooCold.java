package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.climate.HeaterSizes;
import app.islet.core.enclosure.Change;
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

/** Air and land colder than a land-living animal stands. */
@AutoService(Rule.class)
public final class AirTooCold implements ResidentRule {
  private static final ByGroup WHY =
      new ByGroup(
          "It stops eating and digesting, and falls ill weeks later. Estimate, within about 30 % of the heating power.",
          "It stops eating and digesting, and falls ill weeks later. Estimate, within about 30 % of the heating power.",
          "It stops eating and moulting, and dies without a sign. Estimate, within about 30 % of the heating power.");

  @Override
  public String id() {
    return "air-too-cold";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Temperature> need = r.stage().needs().air();
    if (need.isEmpty() || s.climate().air().isEmpty()) {
      return Optional.empty();
    }
    Needs.Temperature t = need.get();
    Climate.AirClimate air = s.climate().air().get();
    double coldC = s.airC(r).orElseThrow().min();
    Optional<Severity> severity = OffTemperature.tooCold(t, coldC);
    if (severity.isEmpty()) {
      return Optional.empty();
    }
    double size = HeaterSizes.atLeast(air.heatingNeedW() * (1 + Climate.POWER_UNCERTAINTY));
    // What a winter under the sky brings is known before it comes, and no mat holds it off.
    boolean outdoors = s.enclosure().site().outdoors();
    Finding.Builder found =
        finding(outdoors ? Severity.WATCH : severity.get(), Step.CLIMATE)
            .who(r)
            .basis(t.basis())
            .what(
                outdoors
                    ? "Air of {} on winter nights; {} should have {}."
                    : "Air of about {} in the coldest room hour; {} should have {}.",
                Quantity.celsius(coldC),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE))
            .why(WHY.of(r));
    // A mat on the outside harms no frog; salamanders and who rests are only moved.
    boolean heated = r.sheet().group() != AnimalGroup.SALAMANDER && !r.isResting();
    return Optional.of(
        (outdoors || !heated
                ? found.remedy(
                    outdoors ? "Bring it in for the cold months." : "Move it to a warmer place.")
                : found.remedy(
                    new Change("/equipment/heat-mat/powerW", size),
                    "A heat mat of {} on the back or side, with a thermostat, never under deep ground.",
                    Quantity.watts(size)))
            .build());
  }
}
