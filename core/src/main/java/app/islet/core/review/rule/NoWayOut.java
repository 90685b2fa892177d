package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.Plant;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Land;
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
import java.util.List;
import java.util.Optional;

/** An animal that must leave the water cannot: no dry land, or a slope it cannot climb. */
@AutoService(Rule.class)
public final class NoWayOut implements ResidentRule {
  @Override
  public String id() {
    return "no-way-out";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Land needed = r.stage().needs().land();
    double climbs = r.stage().needs().locomotion().slopeDegOn(Surface.LOOSE);
    // That a land animal has no land at all is told by another rule.
    boolean landless = r.stage().habitat() == Habitat.LAND && s.geometry().dryLandCm2() == 0;
    if (landless
        || !needed.necessary()
        || !s.geometry().hasWater()
        || s.enclosure().platform().isPresent()
        || counted(s, r)) {
      return Optional.empty();
    }
    if (s.geometry().hasWayOut(s.enclosure(), climbs)
        || s.reach(r).filter(reach -> reach.waysOut() > 0).isPresent()) {
      boolean another = s.reach(r).filter(reach -> reach.waysOut() > 1).isPresent();
      return Awash.of(s)
          .filter(grade -> grade == Severity.WATCH && r.stage().habitat() != Habitat.LAND)
          .filter(grade -> !another)
          .map(grade -> awash(s, r, needed));
    }
    Severity grade =
        Margin.milder(worst(s, r, climbs), restsInPlants(s, r) ? Severity.WATCH : Severity.DANGER);
    Finding.Builder finding =
        finding(grade, Step.BUILD)
            .who(r)
            .basis(needed.basis())
            .why("What breathes air and cannot climb out drowns, often within a night.");
    Optional<Land> land = s.enclosure().land();
    if (land.isEmpty()) {
      noLand(finding, r, climbs);
    } else if (s.geometry().landAboveLineCm() <= 0) {
      underWater(finding, s, r, land.get(), climbs);
    } else {
      tooSteep(finding, grade, s, r, land.get(), climbs);
    }
    return Optional.of(finding.build());
  }

  /** That of land animals is told by another rule. */
  private Finding awash(HusbandryState s, Resident r, Needs.Land needed) {
    return finding(Severity.WATCH, Step.BUILD)
        .who(r)
        .basis(needed.basis())
        .what(
            "The way out of the water for {} stands only {} above the line.",
            r.words(),
            Quantity.cm(s.geometry().landAboveLineCm()))
        .why("After a top-up it may lie under water, and no longer be a way out.")
        .remedy("Raise the land, or keep the line a little lower.")
        .build();
  }

  /** A slope a little too steep, and land a little under water, is not yet what none is. */
  private static Severity worst(HusbandryState s, Resident r, double climbs) {
    boolean land = s.enclosure().land().isPresent();
    if (!land) {
      return Severity.DANGER;
    }
    return s.geometry().landAboveLineCm() < 0
        ? Awash.of(s).orElse(Severity.DANGER)
        : Margin.above(
                s.geometry().slopeDeg(),
                climbs,
                Dimension.ANGLE,
                r.stage().needs().locomotion().basis(),
                Severity.DANGER)
            .orElse(Severity.DANGER);
  }

  /** Wood, net or cork the keeper counted and did not draw, for who climbs rough things. */
  private static boolean counted(HusbandryState s, Resident r) {
    return s.enclosure().furnishings().furtherWaysOut() > 0
        && r.stage().needs().locomotion().slopeDegOn(Surface.ROUGH) > 0;
  }

  /**
   * A grown amphibian that lives in water part of the year rests among plants under the surface;
   * common practice, no source.
   */
  private static boolean restsInPlants(HusbandryState s, Resident r) {
    boolean amphibian = r.sheet().group().isAmphibian();
    boolean planted =
        s.enclosure().furnishings().plants().stream()
                .anyMatch(plant -> plant.habit() != Plant.Habit.LAND)
            || s.enclosure().furnishings().parts().stream()
                .anyMatch(
                    part ->
                        part.kind() == FurnishingKind.PLANTS
                            || part.kind() == FurnishingKind.FLOATING_PLANTS);
    return amphibian && r.stage().adult() && r.stage().habitat() == Habitat.BOTH && planted;
  }

  private static void noLand(Finding.Builder finding, Resident r, double climbs) {
    double side = Math.max(2, Math.ceil(1.2 * r.bodyCm()));
    finding
        .what("No way out of the water for {}: there is no land and no platform.", r.words())
        .remedy(
            new Change("/platform/sideCm", side),
            "Add a platform of {} by {}, dry, with a rough ramp of at most {}.",
            Quantity.cm(side),
            Quantity.cm(side),
            Quantity.degrees(climbs))
        .remedy("Or land that rises out of the water as gently.");
  }

  private static void underWater(
      Finding.Builder finding, HusbandryState s, Resident r, Land land, double climbs) {
    double top = s.geometry().lineCm() + 2;
    double rise = top - s.enclosure().ground().depthCm();
    double wanted = Math.ceil(10 * rise / Math.tan(Math.toRadians(climbs))) / 10;
    double ramp = Math.max(land.rampCm(), wanted);
    finding.what(
        "No way out of the water for {}: the land lies {} under the water line.",
        r.words(),
        Quantity.cm(-s.geometry().landAboveLineCm()));
    if (climbs > 0 && ramp <= footCm(s, land) - 1 && top <= s.enclosure().vessel().heightCm()) {
      finding.remedy(
          List.of(new Change("/land/heightCm", top), new Change("/land/rampCm", ramp)),
          "Raise the land to {} above the floor, its slope over {}.",
          Quantity.cm(top),
          Quantity.cm(ramp));
    }
    finding.remedy("Lower the water until the land is dry.");
  }

  private static void tooSteep(
      Finding.Builder finding,
      Severity grade,
      HusbandryState s,
      Resident r,
      Land land,
      double climbs) {
    double run =
        (land.heightCm() - s.enclosure().ground().depthCm()) / Math.tan(Math.toRadians(climbs));
    finding.what(
        grade == Severity.WATCH
            ? "Hardly a way out of the water for {}: the slope rises at {}; it climbs about {}."
            : "No way out of the water for {}: the slope rises at {}; it climbs at most {}.",
        r.words(),
        Quantity.degrees(s.geometry().slopeDeg()),
        Quantity.degrees(climbs));
    if (run <= footCm(s, land) - 1) {
      finding.remedy(
          new Change("/land/rampCm", Math.ceil(run * 10) / 10),
          "Flatten the slope: let it run over {}.",
          Quantity.cm(Math.ceil(run * 10) / 10));
    }
    finding.remedy("Add cork bark or a platform with a rough ramp.");
  }

  private static double footCm(HusbandryState s, Land land) {
    return s.enclosure().vessel().lengthCm() * land.sharePercent() / 100;
  }
}
