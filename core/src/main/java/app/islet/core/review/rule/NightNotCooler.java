package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Site;
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

/** A room that stays as warm at night as by day, for an animal that wants a cool night. */
@AutoService(Rule.class)
public final class NightNotCooler implements ResidentRule {
  @Override
  public String id() {
    return "night-not-cooler";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Night> night = r.stage().needs().air().flatMap(Needs.Temperature::night);
    Site site = s.enclosure().site();
    double drop = site.summerDayC() - site.summerNightC();
    if (night.isEmpty() || drop >= night.get().dropK().min()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.NOTE, Step.CLIMATE)
            .who(r)
            .basis(night.get().basis())
            .what(
                "The summer night is {} cooler than the day; {} should have {}.",
                new Quantity(Dimension.TEMPERATURE_DIFFERENCE, drop),
                r.words(),
                Phrase.range(night.get().dropK(), Dimension.TEMPERATURE_DIFFERENCE))
            .why("Cool nights let it rest and save energy.")
            .remedy("Lamps and mats on a timer, off at night.")
            .build());
  }
}
