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

  /**
   * Eggs and larvae do not count with those that are grown: how many of them a tub holds is a
   * matter of water and of even size, but where a school keeps each by itself.
   */
  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return Cohort.kinds(s.cohorts()).stream()
        .flatMap(
            kind -> {
              List<Cohort> shaped =
                  kind.stream().filter(c -> !c.stage().isEgg() && !c.stage().isLarva()).toList();
              Stream<Finding> single =
                  kind.stream()
                      .filter(c -> c.stage().isLarva() && most(c) == 1 && c.count() > 1)
                      .map(c -> tooMany(List.of(c), 1));
              return Stream.concat(single, judge(shaped).stream());
            });
  }

  private static int most(Cohort c) {
    return c.stage().needs().group().most();
  }

  /** One too many, or a tenth, is near it; where one lives alone a second is not. */
  private static boolean isNear(int together, int most) {
    return most > 1 && together <= Math.max(most + 1, NEAR * most);
  }

  private Finding tooMany(List<Cohort> some, int most) {
    int together = some.stream().mapToInt(Cohort::count).sum();
    return finding(isNear(together, most) ? Severity.WATCH : Severity.WRONG, Step.RESIDENTS)
        .who(some, some.get(0))
        .basis(some.get(0).stage().needs().group().basis())
        .what(
            "{} together; one enclosure is for {} at most.",
            Cohort.words(some),
            Quantity.count(most))
        .why("The weakest is bitten, starved or kept from the water.")
        .remedy("House {} elsewhere.", Quantity.count(together - most))
        .build();
  }

  /** The limit of a stage holds for that stage, the largest of them for all together. */
  private Optional<Finding> judge(List<Cohort> kind) {
    if (kind.isEmpty()) {
      return Optional.empty();
    }
    int together = kind.stream().mapToInt(Cohort::count).sum();
    int most = kind.stream().mapToInt(GroupTooLarge::most).max().orElseThrow();
    if (together > most) {
      return Optional.of(tooMany(kind, most));
    }
    Optional<Finding> stage =
        kind.stream()
            .filter(c -> c.count() > most(c))
            .map(c -> tooMany(List.of(c), most(c)))
            .findFirst();
    return stage.or(() -> tooFew(kind, together));
  }

  private Optional<Finding> tooFew(List<Cohort> kind, int together) {
    Needs.Group group = kind.get(0).stage().needs().group();
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
