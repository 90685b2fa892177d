package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.Temperament;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentPair;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** An animal that bites or kills, and another kind beside it. */
@AutoService(Rule.class)
public final class BitesCompany implements Rule {
  @Override
  public String id() {
    return "bites-company";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Resident> all = s.cohorts().stream().map(Cohort::all).toList();
    return all.stream().flatMap(victim -> judge(victim, all).stream());
  }

  private Optional<Finding> judge(Resident victim, List<Resident> all) {
    return ResidentPair.with(victim, all)
        .filter(pair -> !pair.sameKind())
        .flatMap(pair -> pair.fierce().stream())
        .filter(fierce -> fierce != victim)
        // That it swallows it is told by another rule.
        .filter(fierce -> !fierce.swallows(victim))
        .max(Comparator.comparing(BitesCompany::temperament))
        .map(fierce -> found(victim, fierce));
  }

  private static Temperament temperament(Resident r) {
    return r.stage().needs().group().temperament();
  }

  private Finding found(Resident victim, Resident fierce) {
    boolean kills = temperament(fierce) == Temperament.KILLS;
    return finding(kills ? Severity.DANGER : Severity.WRONG, Step.RESIDENTS)
        .who(victim)
        .basis(fierce.stage().needs().group().basis())
        .what(
            "{} together with {}, of a kind that {}.",
            victim.words(),
            fierce.words(),
            temperament(fierce).words())
        .why("Tails, gills, toes and eyes go first; the rest follows at night.")
        .remedy("Keep them apart.")
        .build();
  }
}
