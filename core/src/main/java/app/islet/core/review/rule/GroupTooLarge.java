package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** More animals of a kind than keep the peace. */
@AutoService(Rule.class)
public final class GroupTooLarge implements Rule {
  /** So many times the largest group is near it; common practice, no source. */
  private static final double NEAR = 1.1;

  @Override
  public String id() {
    return "group-too-large";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return Cohort.kinds(s.cohorts()).stream().flatMap(kind -> judge(kind).stream());
  }

  /** One too many, or a tenth, is near it; where one lives alone a second is not. */
  private static boolean isNear(int together, int most) {
    return most > 1 && together <= Math.max(most + 1, NEAR * most);
  }

  private Optional<Finding> judge(List<Cohort> kind) {
    Needs.Group group = kind.get(0).stage().needs().group();
    int together = kind.stream().mapToInt(Cohort::count).sum();
    if (together > group.most()) {
      return Optional.of(
          finding(isNear(together, group.most()) ? Severity.WATCH : Severity.WRONG, Step.RESIDENTS)
              .who(kind, kind.get(0))
              .basis(group.basis())
              .what(
                  "{} together; one enclosure is for {} at most.",
                  Cohort.words(kind),
                  Quantity.count(group.most()))
              .why("The weakest is bitten, starved or kept from the water.")
              .remedy("House {} elsewhere.", Quantity.count(together - group.most()))
              .build());
    }
    if (together >= group.least()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(kind, kind.get(0))
            .basis(group.basis())
            .what(
                "{} alone; at least {} keep each other at ease.",
                Cohort.words(kind),
                Quantity.count(group.least()))
            .why("Alone it hides and eats badly.")
            .remedy(
                "Add {} of the same size after quarantine.",
                Quantity.count(group.least() - together))
            .build());
  }
}
