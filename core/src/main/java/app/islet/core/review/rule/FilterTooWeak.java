package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.PlantedPond;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A filter rated below the turnover the animals' waste asks for. */
@AutoService(Rule.class)
public final class FilterTooWeak implements OneCause {
  @Override
  public String id() {
    return "filter-too-weak";
  }

  /** A pond that is just short of so much water for each is watched. */
  private static Optional<Severity> grade(HusbandryState s, FilterFlow flow) {
    Severity worst = flow.lph() == 0 ? Severity.WRONG : Severity.WATCH;
    return PlantedPond.is(s.enclosure())
        ? Margin.below(
            s.geometry().waterL(),
            PlantedPond.lightL(s.residents()),
            Dimension.VOLUME,
            Evidence.PRACTICE,
            worst)
        : Optional.of(worst);
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Filtration> need = r.stage().needs().filtration();
    if (need.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    FilterFlow flow = FilterFlow.of(s, need.get());
    Optional<Severity> grade = grade(s, flow);
    if (!flow.isWeak() || grade.isEmpty()) {
      return Optional.empty();
    }
    double rated = Math.min(Math.ceil(flow.least() / 10) * 10, Math.floor(flow.most()));
    return Optional.of(
        finding(grade.get(), Step.WATER)
            .who(r)
            .basis(need.get().basis())
            .what(
                flow.lph() == 0
                    ? "No filter for {}; {} needed."
                    : "The filter is weak for {}: {} needed.",
                r.words(),
                Quantity.litresPerHour(flow.least()))
            .why("Waste turns to ammonia faster than water changes remove it.")
            .remedy(
                new Change("/equipment/filter/flowLph", rated),
                "A filter rated {} or more.",
                Quantity.litresPerHour(rated))
            .build());
  }
}
