package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.climate.HeaterSizes;
import app.islet.core.climate.Pond;
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

/** Water colder in the coldest room hour than the animals stand, with the heating there is. */
@AutoService(Rule.class)
public final class TooColdInWinter implements ResidentRule {
  @Override
  public String id() {
    return "too-cold-in-winter";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Temperature> need = r.stage().needs().water();
    boolean followsTheAir = r.stage().habitat() == Habitat.LAND;
    if (need.isEmpty() || s.climate().water().isEmpty() || followsTheAir) {
      return Optional.empty();
    }
    Needs.Temperature t = need.get();
    if (s.enclosure().site().outdoors()) {
      return underTheSky(s, r, t);
    }
    Climate.WaterClimate water = s.climate().water().get();
    double coldC = s.waterC(r).orElseThrow().min();
    Optional<Severity> severity = OffTemperature.tooCold(t, coldC);
    if (severity.isEmpty()) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(severity.get(), Step.CLIMATE)
            .who(r)
            .basis(t.basis())
            .what(
                r.isResting()
                    ? "Water of about {} at this time of year; {} should have {}."
                    : "Water of about {} in the coldest room hour; {} should have {}.",
                Quantity.celsius(coldC),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE))
            .why(
                r.isResting()
                    ? "A body that freezes dies. Estimate: hang a thermometer beside it."
                    : "A cold animal stops eating and digesting, and falls ill weeks later. Estimate, within about 30 % of the heating power.");
    if (r.isResting()) {
      return Optional.of(finding.remedy("Rest it where it never freezes.").build());
    }
    if (r.stage().needs().heater() == Needs.Heater.NEVER) {
      return Optional.of(
          finding
              .remedy("Move it to a warmer room; a heater is not safe with this animal.")
              .build());
    }
    double size = HeaterSizes.atLeast(water.heatingNeedW() * (1 + Climate.POWER_UNCERTAINTY));
    return Optional.of(
        finding
            .remedy(
                new Change("/equipment/heater/powerW", size),
                "Fit a guarded heater of {} ({} needed, a third in reserve).",
                Quantity.watts(size),
                Quantity.watts(water.heatingNeedW()))
            .build());
  }

  /**
   * A pond is as cold as the season: what it will be in winter is watched until the season comes.
   * An animal that rests in winter may do so at the bottom of one that stays open.
   */
  private Optional<Finding> underTheSky(HusbandryState s, Resident r, Needs.Temperature t) {
    Pond pond = new Pond(s.enclosure().site(), s.enclosure().water().depthCm());
    boolean rests = r.stage().needs().rest().isPresent() && pond.staysOpen();
    Optional<Severity> now = OffTemperature.tooCold(t, pond.onC(s.date()));
    Optional<Severity> winter = OffTemperature.tooCold(t, pond.winterC());
    if (rests || winter.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(now.orElse(Severity.WATCH), Step.CLIMATE)
            .who(r)
            .basis(t.basis())
            .what(
                "A pond of about {} now and {} in winter; {} should have {}.",
                Quantity.celsius(pond.onC(s.date())),
                Quantity.celsius(pond.winterC()),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE))
            .why(
                "A cold animal stops eating and digesting, and falls ill weeks later. Estimate, within 4 K: measure at the bottom.")
            .remedy(
                "Bring it in before the water falls under {}.",
                Quantity.celsius(t.toleratedC().min()))
            .build());
  }
}
