package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentPair;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
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
    return ResidentPair.eachPair(s.residents())
        .filter(pair -> pair.poisonous().isPresent())
        .map(
            pair -> {
              Resident poisonous = pair.poisonous().get();
              Resident other = pair.otherThan(poisonous);
              return finding(Severity.WRONG, Step.RESIDENTS)
                  .who(other)
                  .basis(poisonous.sheet().people().basis())
                  .what(
                      "{} together with {}, of a kind with a poisonous skin.",
                      other.words(),
                      poisonous.words())
                  .why(
                      "Stress makes it give off poison, and in a closed box all others bathe in it.")
                  .remedy("Keep them apart, and change all water they shared.")
                  .build();
            });
  }
}
