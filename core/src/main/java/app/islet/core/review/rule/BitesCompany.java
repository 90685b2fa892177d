package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Temperament;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentPair;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
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
    return ResidentPair.eachPair(s.residents())
        .filter(pair -> !pair.sameKind())
        .filter(pair -> pair.fierce().isPresent())
        .map(
            pair -> {
              Resident fierce = pair.fierce().get();
              Resident other = pair.otherThan(fierce);
              Temperament temperament = fierce.stage().needs().group().temperament();
              return finding(
                      temperament == Temperament.KILLS ? Severity.DANGER : Severity.WRONG,
                      Step.RESIDENTS)
                  .who(other)
                  .basis(fierce.stage().needs().group().basis())
                  .what(
                      "{} together with {}, of a kind that {}.",
                      other.words(),
                      fierce.words(),
                      temperament.words())
                  .why("Tails, gills, toes and eyes go first; the rest follows at night.")
                  .remedy("Keep them apart.")
                  .build();
            });
  }
}
