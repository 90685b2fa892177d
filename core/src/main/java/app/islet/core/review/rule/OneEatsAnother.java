package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Two residents of which one fits the other's mouth, or is small enough to be bitten. */
@AutoService(Rule.class)
public final class OneEatsAnother implements Rule {
  @Override
  public String id() {
    return "one-eats-another";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Finding> found = new ArrayList<>();
    for (Resident big : s.residents()) {
      for (Resident small : s.residents()) {
        if (big == small || small.bodyCm() >= big.bodyCm()) {
          continue;
        }
        double ratio = small.bodyCm() / big.bodyCm();
        boolean same = big.sheet().kind().equals(small.sheet().kind());
        double needed = Math.max(same ? 0 : 0.5, big.stage().needs().group().sizeRatio());
        if (big.swallows(small)) {
          found.add(
              finding(Severity.DANGER, Step.RESIDENTS)
                  .who(small)
                  .basis(Evidence.MEMORY)
                  .what(
                      "{} ({}) can be swallowed by {} ({}).",
                      small.words(),
                      Quantity.cm(small.bodyCm()),
                      big.words(),
                      Quantity.cm(big.bodyCm()))
                  .why("What fits the mouth is swallowed, kin or not.")
                  .remedy("Keep them apart.")
                  .build());
        } else if (ratio < needed) {
          found.add(
              finding(same ? Severity.WRONG : Severity.WATCH, Step.RESIDENTS)
                  .who(small)
                  .basis(big.stage().needs().group().basis())
                  .what(
                      "{} ({}) is much smaller than {} ({}).",
                      small.words(),
                      Quantity.cm(small.bodyCm()),
                      big.words(),
                      Quantity.cm(big.bodyCm()))
                  .why("Tails, toes and gills are bitten off at meals; the small one starves.")
                  .remedy("Sort by size; feed apart.")
                  .build());
        }
      }
    }
    return found.stream();
  }
}
