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
    if (flow >= wanted - 0.5 && flow <= most + 0.5) {
      return Optional.empty();
    }
    if (flow > most) {
      double less = Math.floor(most);
      return Optional.of(
          finding(Severity.WATCH, Step.WATER)
              .who(r)
              .basis(need.get().basis())
              .what(
                  "The filter moves {}; at most {} in this water for {}.",
                  Quantity.litresPerHour(flow),
                  Quantity.litresPerHour(most),
                  r.words())
              .why("A current it cannot rest from wears it out.")
              .remedy("Turn the outlet to the glass or a spray bar.")
              .remedy(
                  new Change("/equipment/filter/flowLph", less),
                  "Throttle it to {}.",
                  Quantity.litresPerHour(less))
              .build());
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
