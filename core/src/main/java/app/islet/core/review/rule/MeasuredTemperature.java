package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.MeasuredWithin;
import app.islet.core.water.Parameter;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;

/** Water that was measured too warm or too cold of late: a thermometer beats every estimate. */
@AutoService(Rule.class)
public final class MeasuredTemperature implements ResidentRule {
  private static final int LATELY_DAYS = 7;

  @Override
  public String id() {
    return "measured-temperature";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Temperature> need = r.stage().needs().water();
    if (need.isEmpty() || r.isResting() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    Needs.Temperature t = need.get();
    OptionalDouble now =
        s.waterRecord().newest(Parameter.TEMPERATURE, s.date(), MeasuredWithin.NOW_DAYS);
    Optional<MeasuredWithin> lately =
        MeasuredWithin.of(
                s.waterState(), Parameter.TEMPERATURE, t.toleratedC(), s.date(), LATELY_DAYS)
            .filter(m -> !m.outside().isWithin());
    Optional<Severity> severity =
        now.isPresent()
            ? OffTemperature.tooWarm(t, now.getAsDouble())
                .or(() -> OffTemperature.tooCold(t, now.getAsDouble()))
            : Optional.empty();
    if (severity.isEmpty() && lately.isEmpty()) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(severity.orElse(Severity.WATCH), Step.WATER)
            .who(r)
            .basis(t.basis())
            .what(
                "{}{}; {} should have {}, tolerated {}.",
                now.isPresent()
                    ? Phrase.of("Water measured at {}", Quantity.celsius(now.getAsDouble()))
                    : Phrase.of("Measured in a week"),
                lately.map(m -> Phrase.of(", in a week {}", m.words())).orElse(Phrase.of("")),
                r.words(),
                Phrase.range(t.idealC(), Dimension.TEMPERATURE),
                Phrase.range(t.toleratedC(), Dimension.TEMPERATURE));
    boolean warm =
        severity.isPresent()
            ? now.orElseThrow() > t.idealC().middle()
            : lately.orElseThrow().outside().over().readings() > 0;
    return Optional.of(warm ? tooWarm(s, finding) : tooCold(s, finding));
  }

  private static Finding tooWarm(HusbandryState s, Finding.Builder finding) {
    finding.why("Warm water holds less oxygen while the animal needs more of it.");
    if (s.enclosure().has(Equipment.Heater.class)) {
      finding.remedy("Unplug the heater and see whether its thermostat sticks.");
    }
    return finding
        .remedy("Lamps off, lid open under a net, shade, air through the water.")
        .remedy("A sealed bottle of ice for some hours; no faster than a degree an hour.")
        .build();
  }

  private static Finding tooCold(HusbandryState s, Finding.Builder finding) {
    finding.why("Below what it digests at, food rots in it and it cannot fight germs.");
    if (s.enclosure().has(Equipment.Heater.class)) {
      finding.remedy("See whether the heater works and lies under water.");
    }
    return finding
        .remedy(
            "Measure with a second thermometer, then warm it up slowly: a degree an hour at most.")
        .build();
  }
}
