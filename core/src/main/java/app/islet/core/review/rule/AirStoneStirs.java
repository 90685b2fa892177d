package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Locomotion;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** An air stone over an animal that wants still water. */
@AutoService(Rule.class)
public final class AirStoneStirs implements OneCause {
  @Override
  public String id() {
    return "air-stone-stirs";
  }

  /** Current that a gentle air stone makes across a tank, cm/s; from memory. */
  private static final double STIRS_CM_S = 5;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Locomotion locomotion = r.stage().needs().locomotion();
    boolean amphibian = r.sheet().group().isAmphibian();
    if (!amphibian
        || !s.enclosure().has(Equipment.AirStone.class)
        || !s.geometry().hasWater()
        || locomotion.currentCmS() >= STIRS_CM_S) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.WATER)
            .who(r)
            .basis(locomotion.basis())
            .what(
                "An air stone makes a current of about {}; at most {} for {}.",
                speed(STIRS_CM_S),
                speed(locomotion.currentCmS()),
                r.words())
            .why("It fights the current day and night, and its gills curl forward.")
            .remedy("Throttle it to single bubbles in a corner behind plants.")
            .remedy("Cool the water instead: cold water holds more oxygen.")
            .build());
  }

  private static Quantity speed(double cmPerS) {
    return new Quantity(Dimension.SPEED, cmPerS);
  }
}
