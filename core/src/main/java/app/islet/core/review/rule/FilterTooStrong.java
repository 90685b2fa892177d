package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.Set;

/** A filter that stirs more than the animals can rest from. */
@AutoService(Rule.class)
public final class FilterTooStrong implements OneCause {
  @Override
  public String id() {
    return "filter-too-strong";
  }

  @Override
  public Set<String> formerIds() {
    return Set.of("filter-too-weak");
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Filtration> need = r.stage().needs().filtration();
    if (need.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    FilterFlow flow = FilterFlow.of(s, need.get());
    if (!flow.isStrong()) {
      return Optional.empty();
    }
    double less = Math.floor(flow.most());
    Finding.Builder found =
        finding(Severity.WATCH, Step.WATER)
            .who(r)
            .basis(need.get().basis())
            .what(
                "The filter moves {}; at most {} in this water for {}.",
                Quantity.litresPerHour(flow.lph()),
                Quantity.litresPerHour(flow.most()),
                r.words())
            .why("A current it cannot rest from wears it out.");
    if (!flow.spread()) {
      found.remedy("Turn the outlet to the glass or a spray bar.");
    }
    return Optional.of(
        found
            .remedy(
                new Change("/equipment/filter/flowLph", less),
                "Throttle it to {}.",
                Quantity.litresPerHour(less))
            .build());
  }
}
