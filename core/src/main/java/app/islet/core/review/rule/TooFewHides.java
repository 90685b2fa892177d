package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Hides;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Fewer hiding places than animals that need one. */
@AutoService(Rule.class)
public final class TooFewHides implements ResidentRule {
  @Override
  public String id() {
    return "too-few-hides";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Shelter shelter = r.stage().needs().shelter();
    int wanted = (int) Math.ceil(shelter.hidesPerAnimal() * r.count());
    int there = s.enclosure().furnishings().hidingPlaces();
    int counted = s.enclosure().furnishings().hides().map(Hides::count).orElse(0);
    if (there >= wanted) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .basis(shelter.basis())
            .what(
                there == 0
                    ? "No hide drawn for {}; {} needed."
                    : "Too few hides for {}; {} needed.",
                r.words(),
                Quantity.count(wanted))
            .why(
                "Where it cannot get out of sight it is never at rest, and the weaker ones are hunted.")
            .remedy(
                new Change("/furnishings/hides/count", wanted - there + counted),
                "{} hides in all: caves, bark, dense plants; no sight line from one to the next.",
                Quantity.count(wanted))
            .build());
  }
}
