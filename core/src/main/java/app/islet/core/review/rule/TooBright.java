package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Plant;
import app.islet.core.enclosure.Equipment;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Bright lamps over an animal that flees light, and nothing to flee to. */
@AutoService(Rule.class)
public final class TooBright implements ResidentRule {
  private static final ByGroup WHY =
      new ByGroup(
          "It hides all day and stops eating.",
          "It has no lids or thin ones, hides all day and stops eating.",
          "It is active in the dark; in bright light it hides all day and stops eating.");

  @Override
  public String id() {
    return "too-bright";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    boolean dim = r.stage().needs().daylight().filter(Needs.Daylight::dim).isPresent();
    boolean lamp =
        s.enclosure().has(Equipment.BaskingLamp.class)
            || s.enclosure().has(Equipment.UvbLamp.class);
    boolean shade =
        s.enclosure().furnishings().hidingPlaces() > 0
            || s.enclosure().furnishings().plants().stream()
                .anyMatch(p -> p.habit() == Plant.Habit.FLOATING);
    if (!dim || !lamp || shade) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.LIGHT)
            .who(r)
            .basis(r.stage().needs().daylight().get().basis())
            .what("Bright lamps over {} and no shade drawn.", r.words())
            .why(WHY.of(r))
            .remedy("Floating plants over half of the water, and a hide.")
            .remedy("A weak lamp for the plants only, or daylight.")
            .build());
  }
}
