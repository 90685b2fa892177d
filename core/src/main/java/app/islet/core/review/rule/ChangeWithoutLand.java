package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.Stage;
import app.islet.core.care.Surface;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Larvae and tadpoles soon to leave the water, and nothing to leave it by. */
@AutoService(Rule.class)
public final class ChangeWithoutLand implements ResidentRule {
  /** Share of the length it changes at from which it may change any week; from memory. */
  private static final double LATE = 0.75;

  /** A tadpole is so much longer than the frog it becomes; from memory. */
  private static final double TADPOLE = 2;

  @Override
  public String id() {
    return "change-without-land";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Stage> next =
        r.sheet().next(r.stage()).filter(stage -> stage.needs().land().necessary());
    if (next.isEmpty()
        || !r.stage().endsInChange()
        || r.stage().habitat() != Habitat.WATER
        || r.lengthCm().isEmpty()
        || !s.geometry().hasWater()
        || r.bodyCm() < lateCm(r, next.get())
        || hasWayOut(s, r, next.get())) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .at("land")
            .basis(next.get().needs().land().basis())
            .what(
                "{} will soon leave the water, and there is nothing to climb out on.",
                English.capital(r.words()))
            .why("When the gills go it breathes air, and drowns in the night it happens.")
            .remedy("Lower the water, and lean cork, moss or a stone from the ground to the air.")
            .remedy("Put the lid on: it climbs the walls the same night.")
            .build());
  }

  private static double lateCm(Resident r, Stage next) {
    double factor = r.stage().id().equals("tadpole") ? TADPOLE : LATE;
    return factor * next.fromLengthCm();
  }

  private static boolean hasWayOut(HusbandryState s, Resident r, Stage next) {
    double climbs = next.needs().locomotion().slopeDegOn(Surface.LOOSE);
    return s.geometry().hasWayOut(s.enclosure(), climbs)
        || s.enclosure().furnishings().furtherWaysOut() > 0
        || s.geometry().grid().isPresent() && s.geometry().dryLandCm2() > 0;
  }
}
