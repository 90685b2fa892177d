package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Hides;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.stream.Stream;

/** Fewer hiding places than animals that need one. */
@AutoService(Rule.class)
public final class TooFewHides implements Rule {
  @Override
  public String id() {
    return "too-few-hides";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Cohort> hiding = s.cohorts().stream().filter(c -> hides(c) > 0).toList();
    int wanted = (int) Math.ceil(hiding.stream().mapToDouble(TooFewHides::hides).sum());
    int there = s.enclosure().furnishings().hidingPlaces();
    int counted = s.enclosure().furnishings().hides().map(Hides::count).orElse(0);
    if (there >= wanted) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(hiding, hiding.get(0))
            .basis(hiding.get(0).stage().needs().shelter().basis())
            .what(
                there == 0
                    ? "No hide drawn for {}; {} needed."
                    : "Too few hides for {}; {} needed.",
                Cohort.words(hiding),
                Quantity.count(wanted))
            .why(
                s.heads() > 1
                    ? "Where they cannot get out of sight they are never at rest, and the weaker ones are hunted."
                    : "Where it cannot get out of sight it is never at rest, and stops eating.")
            .remedy(
                new Change("/furnishings/hides/count", wanted - there + counted),
                "{} in all: caves, bark, dense plants; no sight line from one to the next.",
                English.count(wanted, "hide"))
            .build());
  }

  private static double hides(Cohort c) {
    return c.stage().needs().shelter().hidesPerAnimal() * c.count();
  }
}
