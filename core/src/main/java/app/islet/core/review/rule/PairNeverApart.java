package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Grown males and females that are never parted, of a kind that breeds itself thin. */
@AutoService(Rule.class)
public final class PairNeverApart implements Rule {
  @Override
  public String id() {
    return "pair-never-apart";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return Cohort.kinds(s.cohorts()).stream()
        .map(kind -> kind.stream().filter(PairNeverApart::breeds).toList())
        .filter(adults -> !adults.isEmpty())
        .flatMap(adults -> judge(adults).stream());
  }

  private static boolean breeds(Cohort cohort) {
    return cohort.stage().adult() && cohort.stage().needs().group().pairsApart();
  }

  private Optional<Finding> judge(List<Cohort> adults) {
    boolean males = adults.stream().anyMatch(c -> c.all().males() > 0);
    boolean females = adults.stream().anyMatch(c -> c.all().females() > 0);
    if (!males || !females) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(adults, adults.get(0))
            .basis(adults.get(0).stage().needs().group().basis())
            .what("Both sexes together all year: {}.", Cohort.words(adults))
            .why("The female is bred again and again, and wears out over a year or two.")
            .remedy("Keep them apart but for breeding, with months of rest between.")
            .build());
  }
}
