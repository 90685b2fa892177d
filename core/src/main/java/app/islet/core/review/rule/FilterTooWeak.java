package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A filter rated below the turnover the animals' waste asks for. */
@AutoService(Rule.class)
public final class FilterTooWeak implements ResidentRule {
  /** Half a litre an hour is within what a label says. */
  private static final double LABEL_LPH = 0.5;

  @Override
  public String id() {
    return "filter-too-weak";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Filtration> need = r.stage().needs().filtration();
    if (need.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    double flow =
        s.enclosure().all(Equipment.Filter.class).mapToDouble(Equipment.Filter::flowLph).sum();
    double wanted = need.get().turnoverPerHour().min() * s.geometry().waterL();
    double most = need.get().turnoverPerHour().max() * s.geometry().waterL();
    if (flow >= wanted - LABEL_LPH) {
      return Optional.empty();
    }
    double size = Math.ceil(wanted / 10) * 10;
    return Optional.of(
        finding(flow == 0 ? Severity.WRONG : Severity.WATCH, Step.WATER)
            .who(r)
            .basis(need.get().basis())
            .what(
                flow == 0
                    ? "No filter for {}; {} needed."
                    : "The filter is weak for {}: {} needed.",
                r.words(),
                Quantity.litresPerHour(wanted))
            .why("Waste turns to ammonia faster than water changes remove it.")
            .remedy(
                new Change("/equipment/filter/flowLph", Math.min(size, Math.floor(most))),
                "A filter rated {} or more.",
                Quantity.litresPerHour(Math.min(size, Math.floor(most))))
            .build());
  }
}
