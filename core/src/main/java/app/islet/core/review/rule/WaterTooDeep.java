package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
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

/** Water deeper than the stage can stand, with or without a rest near the surface. */
@AutoService(Rule.class)
public final class WaterTooDeep implements ResidentRule {
  /** So many times the depth is near it; common practice, no source. */
  private static final double NEAR = 1.25;

  /** So many times the depth is not yet far from it; common practice, no source. */
  private static final double FAR = 1.5;

  @Override
  public String id() {
    return "water-too-deep";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Depth> need = r.stage().needs().depth();
    if (need.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    Needs.Depth depth = need.get();
    if (isGraded(s, depth)) {
      return Optional.empty();
    }
    double depthCm = s.enclosure().water().depthCm();
    boolean rest =
        s.enclosure().water().restBelowSurfaceCm().orElse(Double.MAX_VALUE) <= depth.restWithinCm()
            || s.reach(r).filter(reach -> reach.restCm2() >= r.bodyCm() * r.widthCm()).isPresent();
    double most = rest ? depth.maxCm() : depth.bareMaxCm();
    Optional<Severity> grade = grade(r, depthCm, most, rest);
    if (grade.isEmpty()) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(grade.get(), Step.BUILD)
            .who(r)
            .basis(depth.basis())
            .what(
                "Too deep for {}: {} of water{}; at most {}.",
                r.words(),
                Quantity.cm(depthCm),
                rest ? "" : " without a rest near the surface",
                Quantity.cm(most))
            .why(
                depth.drowns()
                    ? "An animal that cannot reach air or a foothold tires and drowns."
                    : "It has to work for every breath and keeps away from food and company.")
            .remedy(
                new Change("/water/depthCm", most), "Lower the water to {}.", Quantity.cm(most));
    if (!rest && depthCm <= depth.maxCm()) {
      finding.remedy(
          new Change("/water/restBelowSurfaceCm", depth.restWithinCm()),
          "Add a rest (shelf, wood, dense plants) whose top is within {} of the surface.",
          Quantity.cm(depth.restWithinCm()));
    }
    return Optional.of(finding.build());
  }

  /** A pond is deep for the winter: where a bank or shelf rises, a swimmer chooses its depth. */
  private static boolean isGraded(HusbandryState s, Needs.Depth depth) {
    boolean bank = s.enclosure().land().filter(land -> land.rampCm() > 0).isPresent();
    return s.enclosure().site().outdoors() && !depth.drowns() && bank;
  }

  /**
   * Who drowns and has nothing to rest on is soon in danger. With a rest, or as a good swimmer, a
   * little too deep is watched; far too deep harms, and drowns the young.
   */
  private static Optional<Severity> grade(Resident r, double depthCm, double mostCm, boolean rest) {
    Needs.Depth need = r.stage().needs().depth().orElseThrow();
    boolean drowns = need.drowns();
    Optional<Severity> grade =
        Margin.above(
            depthCm,
            mostCm,
            Dimension.LENGTH,
            need.basis(),
            drowns && !(rest && r.stage().adult()) ? Severity.DANGER : Severity.WRONG);
    if (drowns && !rest) {
      return grade;
    }
    return depthCm <= NEAR * mostCm
        ? grade.map(g -> Severity.WATCH)
        : depthCm <= FAR * mostCm ? grade.map(g -> Margin.milder(g, Severity.WRONG)) : grade;
  }
}
