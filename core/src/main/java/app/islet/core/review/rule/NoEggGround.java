package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
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

/** An adult female without ground to lay in. */
@AutoService(Rule.class)
public final class NoEggGround implements ResidentRule {
  @Override
  public String id() {
    return "no-egg-ground";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Land land = r.stage().needs().land();
    if (land.eggDepthCm() == 0 || r.females() == 0 || !mature(r)) {
      return Optional.empty();
    }
    double deep = s.geometry().dryLandCm2() > 0 ? s.geometry().digDepthCm(s.enclosure()) : 0;
    return Margin.below(deep, land.eggDepthCm(), Dimension.LENGTH, land.basis(), Severity.WRONG)
        .map(grade -> found(r, land, Margin.milder(grade, maturity(r, land))));
  }

  /** One that is just long enough may lay soon. */
  private static Severity maturity(Resident r, Needs.Land land) {
    return land.eggFromCm() == 0
        ? Severity.WRONG
        : Margin.above(r.bodyCm(), land.eggFromCm(), Dimension.LENGTH, land.basis(), Severity.WRONG)
            .orElse(Severity.WATCH);
  }

  private Finding found(Resident r, Needs.Land land, Severity grade) {
    return finding(grade, Step.BUILD)
        .who(r)
        .basis(land.basis())
        .what(
            "No laying ground for the female among {}: {} of land she can dig needed.",
            r.words(),
            Quantity.cm(land.eggDepthCm()))
        .why(
            "She makes eggs without a male too; eggs held back for want of a place are an emergency for the vet.")
        .remedy(
            "A land part, or a box of moist sand and soil {} deep she can be put in when she grows restless.",
            Quantity.cm(land.eggDepthCm()))
        .build();
  }

  /** Females mature later and larger than males. */
  private static boolean mature(Resident r) {
    return r.stage().adult() && r.bodyCm() >= r.stage().needs().land().eggFromCm();
  }
}
