package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A box much taller than long, for several animals of which one can hold the way to the water. */
@AutoService(Rule.class)
public final class TooTallForItsBase implements ResidentRule {
  @Override
  public String id() {
    return "too-tall-for-its-base";
  }

  /** Taller than its longer side by this factor it is a tower; common practice, no source. */
  private static final double TOWER = 1.3;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Shelter shelter = r.stage().needs().shelter();
    double side = Math.max(s.enclosure().vessel().lengthCm(), s.enclosure().vessel().widthCm());
    double height = s.enclosure().vessel().heightCm();
    if (r.sheet().group() != AnimalGroup.CRAB
        || s.heads() < 2
        || shelter.waysOut() < 2
        || r.stage().needs().space().heightCounts()
        || height <= TOWER * side) {
      return Optional.empty();
    }
    double length = Math.ceil(height / TOWER);
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .basis(shelter.basis())
            .what(
                "The box is {} high and {} long, for {}.",
                Quantity.cm(height),
                Quantity.cm(side),
                r.words())
            .why(
                "Whoever holds the bottom holds the way to the water, and a soft, freshly moulted one is caught on it.")
            .remedy(
                new Change("/vessel/lengthCm", length),
                "A box {} long: floor instead of height.",
                Quantity.cm(length))
            .remedy("Water on two levels, and more than one path to each.")
            .build());
  }
}
