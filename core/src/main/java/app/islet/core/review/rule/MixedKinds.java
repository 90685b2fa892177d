package app.islet.core.review.rule;

import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.stream.Stream;

/** More than one kind in a box. */
@AutoService(Rule.class)
public final class MixedKinds implements Rule {
  @Override
  public String id() {
    return "mixed-kinds";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<String> kinds = s.cohorts().stream().map(c -> c.sheet().name()).distinct().toList();
    if (kinds.size() < 2) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .what("{} kinds together: {}.", Quantity.count(kinds.size()), English.list(kinds))
            .why("Each carries germs the others never met, and none reads another's warnings.")
            .remedy(
                "One kind to a box is the rule; where you mix, quarantine, watch and have a box ready.")
            .build());
  }
}
