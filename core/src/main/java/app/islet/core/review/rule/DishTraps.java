package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Dish;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.Optional;

/** A bowl an animal of the land can fall into and not leave. */
@AutoService(Rule.class)
public final class DishTraps implements ResidentRule {
  @Override
  public String id() {
    return "dish-traps";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (r.stage().habitat() != Habitat.LAND) {
      return Optional.empty();
    }
    Optional<Finding> deep = tooDeep(s, r);
    if (deep.isPresent()) {
      return deep;
    }
    boolean climbs = r.stage().needs().locomotion().slopeDegOn(Surface.SMOOTH) >= 60;
    Optional<Dish> trap =
        s.enclosure().furnishings().dishes().stream()
            .filter(d -> !d.slope() && d.depthCm() > r.heightCm() + 1e-6)
            .max(Comparator.comparingDouble(Dish::depthCm));
    if (climbs || trap.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(
                Margin.above(
                        trap.get().depthCm(),
                        r.heightCm(),
                        Dimension.LENGTH,
                        r.sheet().body().basis(),
                        Severity.DANGER)
                    .orElseThrow(),
                Step.BUILD)
            .who(r)
            .basis(
                BodyEstimate.surelyHigher(trap.get().depthCm(), r)
                    ? Evidence.PRACTICE
                    : r.sheet().body().basis())
            .what(
                "A dish {} deep without a slope for {}, {} high.",
                Quantity.cm(trap.get().depthCm()),
                r.words(),
                Quantity.cm(r.heightCm()))
            .why("It falls in at night, finds four smooth walls and drowns.")
            .remedy("Pebbles or net from the bottom to the edge, on two sides.")
            .remedy("A shallower dish.")
            .build());
  }

  /** A soft body of the land drowns in a bowl deeper than it may have, sloped or not. */
  private Optional<Finding> tooDeep(HusbandryState s, Resident r) {
    Optional<Needs.Depth> need =
        r.stage().needs().depth().filter(n -> r.sheet().group() != AnimalGroup.CRAB);
    Optional<Dish> deepest =
        s.enclosure().furnishings().dishes().stream()
            .max(Comparator.comparingDouble(Dish::depthCm));
    return need.flatMap(
        n ->
            deepest.flatMap(
                dish ->
                    Margin.above(
                            dish.depthCm(), n.maxCm(), Dimension.LENGTH, n.basis(), Severity.DANGER)
                        .map(grade -> drowns(r, dish, grade))));
  }

  private Finding drowns(Resident r, Dish dish, Severity grade) {
    double most = r.stage().needs().depth().orElseThrow().maxCm();
    return finding(grade, Step.BUILD)
        .who(r)
        .basis(r.stage().needs().depth().orElseThrow().basis())
        .what(
            "A dish {} deep for {}; at most {}.",
            Quantity.cm(dish.depthCm()),
            r.words(),
            Quantity.cm(most))
        .why("At this stage it swims badly or not at all, and drowns in water it cannot stand in.")
        .remedy("A dish of at most {}, with pebbles in it.", Quantity.cm(most))
        .build();
  }
}
