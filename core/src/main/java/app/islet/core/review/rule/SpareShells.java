package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
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

/** Too few empty shells for hermit crabs, which fight for those of each other. */
@AutoService(Rule.class)
public final class SpareShells implements Rule {
  @Override
  public String id() {
    return "spare-shells";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Cohort> hermits =
        s.cohorts().stream().filter(c -> c.stage().needs().shelter().spareShells() > 0).toList();
    int needed =
        hermits.stream().mapToInt(c -> c.count() * c.stage().needs().shelter().spareShells()).sum();
    int there = s.enclosure().furnishings().spareShells();
    if (there >= needed) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(hermits, hermits.get(0))
            .basis(hermits.get(0).stage().needs().shelter().basis())
            .what(
                "{} for {}; {} wanted.",
                English.count(there, "spare shell"),
                Cohort.words(hermits),
                Quantity.count(needed))
            .why("A grown crab without a larger shell pulls another out of its own.")
            .remedy(
                "Natural, unpainted snail shells, of openings a little under to a little over their own.")
            .build());
  }
}
