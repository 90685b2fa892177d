package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Substrate;
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
import java.util.Optional;
import java.util.OptionalDouble;

/** Land too shallow to burrow or moult in. */
@AutoService(Rule.class)
public final class GroundTooShallow implements ResidentRule {
  private static final ByGroup WHY =
      new ByGroup(
          "It digs itself in to rest and to be out of sight.",
          "It digs itself in to rest and to keep moist; where it cannot, it dries out and stops eating.",
          "It buries itself to moult; where it cannot, it is eaten soft or dies in the shell.");

  @Override
  public String id() {
    return "ground-too-shallow";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    OptionalDouble wet = r.stage().needs().ground().depthCm();
    if (wet.isPresent()) {
      return underWater(s, r, wet.getAsDouble());
    }
    Needs.Land land = r.stage().needs().land();
    // That there is no land at all is told by another rule.
    if (r.stage().habitat() == Habitat.LAND && s.geometry().dryLandCm2() == 0) {
      return Optional.empty();
    }
    boolean shore = digsToTheWater(r);
    double deep =
        shore ? s.geometry().groundCm(s.enclosure()) : s.geometry().digDepthCm(s.enclosure());
    Optional<Severity> grade = grade(deep, land.minDepthCm(), land.basis());
    if (grade.isEmpty()) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(grade.get(), Step.BUILD)
            .who(r)
            .basis(land.basis())
            .what(
                shore
                    ? "The land has {} of ground, down to the water; {} must dig into {}."
                    : "The land has {} of dry ground; {} must dig into {}.",
                Quantity.cm(deep),
                r.words(),
                Quantity.cm(land.minDepthCm()))
            .why(WHY.of(r));
    double under = s.geometry().hasWater() && !shore ? s.geometry().lineCm() : 0;
    double height = land.minDepthCm() + under;
    if (s.enclosure().land().isPresent() && height <= s.enclosure().vessel().heightCm()) {
      finding.remedy(
          new Change("/land/heightCm", height), "Fill the land to {}.", Quantity.cm(height));
    }
    return Optional.of(
        finding.remedy("A vessel tall enough for deep ground and air above it.").build());
  }

  /** Crabs of the shore dig until they meet water: moist sand counts, not what lies dry above. */
  private static boolean digsToTheWater(Resident r) {
    return r.sheet().group() == AnimalGroup.CRAB && r.stage().needs().water().isPresent();
  }

  /** Ground it digs itself into where it lives, under water. */
  private Optional<Finding> underWater(HusbandryState s, Resident r, double neededCm) {
    Substrate ground = s.enclosure().ground();
    double rise = ground.points().stream().mapToDouble(Substrate.Point::riseCm).max().orElse(0);
    double deep = ground.depthCm() + rise;
    Evidence basis = r.stage().needs().ground().basis();
    return grade(deep, neededCm, basis).map(g -> buried(r, g, deep, neededCm, basis));
  }

  private static Optional<Severity> grade(double deepCm, double neededCm, Evidence basis) {
    return Margin.below(deepCm, neededCm, Dimension.LENGTH, basis, Severity.WRONG);
  }

  private Finding buried(Resident r, Severity grade, double deep, double neededCm, Evidence basis) {
    return finding(grade, Step.BUILD)
        .who(r)
        .basis(basis)
        .what(
            "The ground is {} deep; {} must dig into {}.",
            Quantity.cm(deep),
            r.words(),
            Quantity.cm(neededCm))
        .why(WHY.of(r))
        .remedy(
            new Change("/ground/depthCm", neededCm), "Fill in sand to {}.", Quantity.cm(neededCm))
        .build();
  }
}
