package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Residents whose water temperatures do not meet. */
@AutoService(Rule.class)
public final class NoCommonClimate implements Rule {
  @Override
  public String id() {
    return "no-common-climate";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Finding> found = new ArrayList<>();
    for (int i = 0; i < s.residents().size(); i++) {
      for (int j = i + 1; j < s.residents().size(); j++) {
        Resident a = s.residents().get(i);
        Resident b = s.residents().get(j);
        Optional<Range> one = a.stage().needs().water().map(Needs.Temperature::toleratedC);
        Optional<Range> two = b.stage().needs().water().map(Needs.Temperature::toleratedC);
        if (one.isPresent() && two.isPresent() && one.get().overlap(two.get()).isEmpty()) {
          found.add(
              finding(Severity.DANGER, Step.RESIDENTS)
                  .who(b)
                  .basis(b.stage().needs().water().get().basis())
                  .what(
                      "{} stand water of {}, {} of {}: no temperature serves both.",
                      a.words(),
                      Phrase.range(one.get(), Dimension.TEMPERATURE),
                      b.words(),
                      Phrase.range(two.get(), Dimension.TEMPERATURE))
                  .why("One of them would live in water that harms it.")
                  .remedy("Keep them in separate enclosures.")
                  .build());
        }
      }
    }
    return found.stream();
  }
}
