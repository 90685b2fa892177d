package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Temperament;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Young amphibians of a kind that bites, together, though they are even in size. */
@AutoService(Rule.class)
public final class SiblingsBite implements Rule {
  @Override
  public String id() {
    return "siblings-bite";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return s.cohorts().stream().filter(SiblingsBite::isAtRisk).map(this::found);
  }

  /** That they are uneven, and that they should be single, is told by other rules. */
  private static boolean isAtRisk(Cohort c) {
    Needs.Group group = c.stage().needs().group();
    double longest = c.sizes().stream().mapToDouble(Resident::bodyCm).max().orElse(0);
    double shortest = c.sizes().stream().mapToDouble(Resident::bodyCm).min().orElse(0);
    return c.sheet().group().isAmphibian()
        && !c.stage().adult()
        && !c.stage().isEgg()
        && c.count() > 1
        && group.most() > 1
        && group.temperament() == Temperament.BITES
        && shortest >= group.sizeRatio() * longest;
  }

  private Finding found(Cohort c) {
    return finding(Severity.WATCH, Step.RESIDENTS)
        .who(c.all())
        .basis(c.stage().needs().group().basis())
        .what("{} together, of a kind whose young bite one another.", c.all().words())
        .why("Legs, tails and gills are bitten at meals and by night, of the hungry most.")
        .remedy("Feed to satiety several times a day, sort by size each week, or keep them singly.")
        .build();
  }
}
