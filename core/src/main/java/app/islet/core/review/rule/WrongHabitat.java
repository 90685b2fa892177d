package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A land animal with no land, or a water animal with no water. */
@AutoService(Rule.class)
public final class WrongHabitat implements ResidentRule {
  @Override
  public String id() {
    return "wrong-habitat";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    boolean lacksWater = r.stage().habitat() != Habitat.LAND && !s.geometry().hasWater();
    boolean lacksLand = r.stage().habitat() == Habitat.LAND && s.geometry().dryLandCm2() == 0;
    boolean landAnimal = r.stage().habitat() == Habitat.LAND;
    Optional<Severity> awash = landAnimal ? Awash.of(s) : Optional.empty();
    if (!lacksWater && !lacksLand) {
      return awash.map(grade -> awash(r, s, grade));
    }
    return Optional.of(
        finding(lacksLand ? awash.orElse(Severity.DANGER) : Severity.DANGER, Step.BUILD)
            .who(r)
            .what(lacksWater ? "No water for {}." : "No dry land for {}.", r.words())
            .why(
                lacksWater
                    ? "It cannot live out of water."
                    : "At this stage it breathes air and drowns where it cannot stay dry.")
            .remedy(
                lacksWater
                    ? "Fill it, with dechlorinated water."
                    : "Give it a box that is mostly land, with a very shallow dish.")
            .build());
  }

  private Finding awash(Resident r, HusbandryState s, Severity grade) {
    return finding(grade, Step.BUILD)
        .who(r)
        .what(
            "The land of {} stands only {} above the water line.",
            r.words(),
            Quantity.cm(s.geometry().landAboveLineCm()))
        .why("A top-up or a splash floods it, and what breathes air there drowns or stays wet.")
        .remedy("Lower the water, or raise the land until it is clear of the line.")
        .build();
  }
}
