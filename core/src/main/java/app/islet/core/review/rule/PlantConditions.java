package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Plant;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Live plants in the water with animals that eat them, or where a school uses plastic. */
@AutoService(Rule.class)
public final class PlantConditions implements ResidentRule {
  @Override
  public String id() {
    return "plant-conditions";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Planting> planting =
        r.stage().needs().planting().filter(p -> p != Needs.Planting.GROW);
    Optional<Plant> plant =
        s.enclosure().furnishings().plants().stream()
            .filter(p -> p.habit() != Plant.Habit.LAND)
            .filter(p -> p.habit() != Plant.Habit.EMERGENT)
            .findFirst();
    if (planting.isEmpty() || plant.isEmpty()) {
      return Optional.empty();
    }
    boolean eaten = planting.get() == Needs.Planting.EATEN;
    return Optional.of(
        finding(Severity.NOTE, Step.BUILD)
            .who(r)
            .what(
                eaten
                    ? "{} in the water of {}: it will be eaten or torn out."
                    : "{} in the water of {}: live, where the school followed uses plastic.",
                plant.get().name(),
                r.words())
            .why(
                eaten
                    ? "Torn plants clog the filter; as greens they are welcome."
                    : "In cold, dim water most live plants rot.")
            .remedy(
                eaten
                    ? "Plants above the water, roots in it behind a grid; or count them as food."
                    : "Plastic ones without sharp edges, or plants that tolerate the cold.")
            .build());
  }
}
