package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Males that fight, or too few females for each male. */
@AutoService(Rule.class)
public final class SexRatio implements ResidentRule {
  @Override
  public String id() {
    return "sex-ratio";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Group group = r.stage().needs().group();
    if (!r.stage().adult() || r.count() == 1) {
      return Optional.empty();
    }
    if (group.malesFight() && r.males() > 1) {
      return Optional.of(
          finding(Severity.WRONG, Step.RESIDENTS)
              .who(r)
              .basis(group.basis())
              .what("{} adult males of {} together.", Quantity.count(r.males()), r.words())
              .why("They fight until one is hurt.")
              .remedy("Keep one male; house {} elsewhere.", Quantity.count(r.males() - 1))
              .build());
    }
    double wanted = r.males() * group.femalesPerMale();
    if (r.males() == 0 || r.males() + r.females() < r.count() || r.females() >= wanted) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(r)
            .basis(group.basis())
            .what(
                "{} females to {} males in {}; {} needed.",
                Quantity.count(r.females()),
                Quantity.count(r.males()),
                r.words(),
                Quantity.count(wanted))
            .why("A single female is courted without rest.")
            .remedy("Add females, or take a male out.")
            .build());
  }
}
