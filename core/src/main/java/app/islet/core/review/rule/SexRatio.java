package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/** Males that fight, or too few females for each male. */
@AutoService(Rule.class)
public final class SexRatio implements Rule {
  @Override
  public String id() {
    return "sex-ratio";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return Cohort.kinds(s.cohorts()).stream()
        .map(kind -> kind.stream().filter(c -> c.stage().adult()).toList())
        .filter(adults -> adults.stream().mapToInt(Cohort::count).sum() > 1)
        .flatMap(adults -> judge(adults).stream());
  }

  private static int sum(List<Cohort> adults, ToIntFunction<Resident> heads) {
    return adults.stream().map(Cohort::all).mapToInt(heads).sum();
  }

  private Optional<Finding> judge(List<Cohort> adults) {
    Needs.Group group = adults.get(0).stage().needs().group();
    int males = sum(adults, Resident::males);
    int females = sum(adults, Resident::females);
    if (group.malesFight() && males > 1) {
      return Optional.of(
          finding(Severity.WRONG, Step.RESIDENTS)
              .who(adults, adults.get(0))
              .basis(group.basis())
              .what("{} adult males among {}.", Quantity.count(males), Cohort.words(adults))
              .why("They fight until one is hurt.")
              .remedy("Keep one male; house {} elsewhere.", Quantity.count(males - 1))
              .build());
    }
    double wanted = males * group.femalesPerMale();
    boolean unknown = males + females < sum(adults, Resident::count);
    if (males == 0 || unknown || females >= wanted) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(adults, adults.get(0))
            .basis(group.basis())
            .what(
                "{} to {} among {}; {} needed.",
                English.count(females, "female"),
                English.count(males, "male"),
                Cohort.words(adults),
                Quantity.count(wanted))
            .why("A single female is courted without rest.")
            .remedy("Add females, or take a male out.")
            .build());
  }
}
