package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.climate.Cooling;
import app.islet.core.climate.Pond;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
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

/** Water warmer in the warmest hour than the animals stand, with the cooling there is. */
@AutoService(Rule.class)
public final class TooWarmInSummer implements ResidentRule {
  private static final ByGroup WHY =
      new ByGroup(
          "It cannot cool itself: it stops eating, and germs grow faster. Estimate for a lasting warm spell; a night's cool is not counted.",
          "Warm water holds less oxygen while the animal needs more of it, and germs grow faster. Estimate for a lasting warm spell; a night's cool is not counted.",
          "Warm water holds less oxygen while the animal needs more of it. Estimate for a lasting warm spell; a night's cool is not counted.");

  @Override
  public String id() {
    return "too-warm-in-summer";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Temperature> need = r.stage().needs().water();
    if (need.isEmpty() || s.climate().water().isEmpty()) {
      return Optional.empty();
    }
    Needs.Temperature t = need.get();
    double summer = s.waterC(r).orElseThrow().max();
    Optional<Severity> severity = OffTemperature.tooWarm(t, summer);
    if (severity.isEmpty()) {
      return Optional.empty();
    }
    if (r.isResting()) {
      return Optional.of(
          TooWarmToRest.finding(finding(severity.get(), Step.CLIMATE), r, t, summer));
    }
    if (s.enclosure().site().outdoors()) {
      return underTheSky(s, r, t);
    }
    Finding.Builder finding =
        finding(severity.get(), Step.CLIMATE)
            .who(r)
            .basis(t.basis())
            .what(
                "Water of about {} when the warmest room hour lasts; {} should have {}, at most {}.",
                Quantity.celsius(summer),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE),
                Quantity.celsius(t.toleratedC().max()))
            .why(WHY.of(r));
    finding.remedy("Shade, no sun on the glass, a cooler room or a low shelf.");
    boolean chillerFirst =
        r.stage().needs().cooling().filter(c -> c == Needs.Cooling.CHILLER).isPresent();
    if (chillerFirst) {
      addChiller(s, finding);
    }
    if (s.enclosure().lid() == Lid.GLASS) {
      finding.remedy("Mesh instead of glass on top, so that the water can evaporate.");
    }
    if (!s.enclosure().has(Equipment.Fan.class)) {
      finding.remedy(
          new Change("/equipment/fan/airSpeedMs", Cooling.FAN_MS),
          "A fan over the surface; mind the top-up.");
    }
    if (!chillerFirst) {
      addChiller(s, finding);
    }
    return Optional.of(finding.build());
  }

  private static void addChiller(HusbandryState s, Finding.Builder finding) {
    Cooling.Chiller chiller = Cooling.chiller(s.enclosure(), s.geometry(), s.residents());
    finding.remedy(
        new Change("/equipment/chiller/coolingW", chiller.ratedW()),
        "A chiller that takes {} from the water ({} needed, a third in reserve).",
        Quantity.watts(chiller.ratedW()),
        Quantity.watts(chiller.neededW()));
  }

  /** A pond is as warm as the season: what it will be in summer is watched until it comes. */
  private Optional<Finding> underTheSky(HusbandryState s, Resident r, Needs.Temperature t) {
    Pond pond = new Pond(s.enclosure().site(), s.enclosure().water().depthCm());
    double now = pond.onC(s.date());
    return Optional.of(
        finding(OffTemperature.tooWarm(t, now).orElse(Severity.WATCH), Step.CLIMATE)
            .who(r)
            .basis(t.basis())
            .what(
                "A pond of about {} now and {} in summer; {} should have {}, at most {}.",
                Quantity.celsius(now),
                Quantity.celsius(pond.summerC()),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE),
                Quantity.celsius(t.toleratedC().max()))
            .why(WHY.of(r))
            .remedy("Shade over half of it, plants on the surface, and a deep, cool end.")
            .build());
  }
}
