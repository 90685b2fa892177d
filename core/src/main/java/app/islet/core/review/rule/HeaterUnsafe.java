package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A bare heater tube where animals lie on it, or any heater where none belongs. */
@AutoService(Rule.class)
public final class HeaterUnsafe implements OneCause {
  @Override
  public String id() {
    return "heater-unsafe";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Heater need = r.stage().needs().heater();
    if (need == Needs.Heater.ANY || !s.enclosure().has(Equipment.Heater.class)) {
      return Optional.empty();
    }
    if (need == Needs.Heater.NEVER) {
      return Optional.of(
          finding(Severity.WRONG, Step.CLIMATE)
              .who(r)
              .what("A heater in the water of {}.", r.words())
              .why(
                  "It needs cool water and rests against anything; a heater stuck on kills it in a night.")
              .remedy("Take the heater out.")
              .build());
    }
    if (s.enclosure().all(Equipment.Heater.class).allMatch(Equipment.Heater::guarded)) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.DANGER, Step.CLIMATE)
            .who(r)
            .what("A heater without a guard with {}.", r.words())
            .why("It rests on the tube and burns, or cracks the glass under water.")
            .remedy("Put a guard over the heater, or heat outside the tank.")
            .build());
  }
}
