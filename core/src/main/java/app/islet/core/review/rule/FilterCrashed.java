package app.islet.core.review.rule;

import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.FilterCycle;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** A filter that was cycled, and whose tests show ammonia or nitrite again. */
@AutoService(Rule.class)
public final class FilterCrashed implements Rule {
  @Override
  public String id() {
    return "filter-crashed";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    if (s.residents().isEmpty() || s.waterRecord().lastTested().isEmpty()) {
      return Stream.empty();
    }
    FilterCycle filterCycle = s.waterState().filterCycle(s.date());
    if (filterCycle.phase() != FilterCycle.Phase.CRASHED) {
      return Stream.empty();
    }
    Finding.Builder found =
        finding(Severity.WRONG, Step.WATER)
            .what("The filter was cycled and has fallen back.")
            .why(
                "Ammonia or nitrite shows again: chlorine, a rinse under the tap, new media all at once, a pump that stood still, a remedy, or more food than it turns.");
    FilterCycle.RESCUE.forEach(found::remedy);
    return Stream.of(found.build());
  }
}
