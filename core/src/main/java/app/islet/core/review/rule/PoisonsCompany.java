package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentPair;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Poisonous skin in shared water. */
@AutoService(Rule.class)
public final class PoisonsCompany implements Rule {
  @Override
  public String id() {
    return "poisons-company";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Resident> all = s.cohorts().stream().map(Cohort::all).toList();
    return all.stream().flatMap(victim -> judge(victim, all).stream());
  }

  private Optional<Finding> judge(Resident victim, List<Resident> all) {
    return ResidentPair.with(victim, all)
        .flatMap(pair -> pair.poisonous().stream())
        .filter(poisonous -> poisonous != victim)
        .findFirst()
        .map(poisonous -> found(victim, poisonous));
  }

  private Finding found(Resident victim, Resident poisonous) {
    return finding(Severity.WRONG, Step.RESIDENTS)
        .who(victim)
        .basis(poisonous.sheet().people().basis())
        .what(
            "{} together with {}, of a kind with a poisonous skin.",
            victim.words(),
            poisonous.words())
        .why("Stress makes it give off poison, and in a closed box all others bathe in it.")
        .remedy("Keep them apart, and change all water they shared.")
        .build();
  }
}
