package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
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
import app.islet.core.water.OneWater;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Water too shallow to submerge, swim or turn over in. */
@AutoService(Rule.class)
public final class WaterTooShallow implements ResidentRule {
  private static final ByGroup WHY =
      new ByGroup(
          "It cannot submerge, swim or right itself.",
          "It cannot submerge and swim.",
          "It must be able to submerge and wet its gills.");

  /** Of what it needs; less leaves it bare. Common practice, no source. */
  private static final double BARE = 0.5;

  @Override
  public String id() {
    return "water-too-shallow";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Depth> need = r.stage().needs().depth();
    double depthCm = deepestCm(s, r);
    Optional<Severity> grade = need.flatMap(depth -> grade(r, depthCm, depth));
    if (grade.isEmpty()) {
      return Optional.empty();
    }
    double least = need.get().minCm();
    Finding.Builder finding =
        finding(grade.get(), Step.BUILD)
            .who(r)
            .basis(need.get().basis())
            .what(
                "Too little water for {}: {} deep; at least {}.",
                r.words(),
                Quantity.cm(depthCm),
                Quantity.cm(least))
            .why(WHY.of(r));
    double room = s.enclosure().vessel().heightCm() - s.enclosure().ground().depthCm();
    if (least <= room) {
      finding.remedy(
          new Change("/water/depthCm", least), "Raise the water to {}.", Quantity.cm(least));
    } else {
      finding.remedy(
          "The vessel is too low for that: choose one at least {} high.",
          Quantity.cm(least + s.enclosure().ground().depthCm() + 5));
    }
    return Optional.of(finding.build());
  }

  /** What lives in water is in danger where it is not covered, or has not half of what it needs. */
  private static Optional<Severity> grade(Resident r, double depthCm, Needs.Depth need) {
    boolean bare = depthCm < Math.max(r.heightCm(), BARE * need.minCm());
    return Margin.below(
        depthCm,
        need.minCm(),
        Dimension.LENGTH,
        need.basis(),
        bare && r.stage().habitat() == Habitat.WATER ? Severity.DANGER : Severity.WRONG);
  }

  /** For an animal of the land a bowl is water too. */
  private static double deepestCm(HusbandryState s, Resident r) {
    return r.stage().habitat() != Habitat.LAND
        ? s.enclosure().water().depthCm()
        : s.waters().all().stream().mapToDouble(OneWater::depthCm).max().orElse(0);
  }
}
