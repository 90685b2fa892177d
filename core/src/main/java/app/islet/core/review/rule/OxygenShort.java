package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.OxygenBalance;
import app.islet.core.water.WaterState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Warm or still water that may hold too little oxygen for what lives by gills and skin. */
@AutoService(Rule.class)
public final class OxygenShort implements ResidentRule {
  @Override
  public String id() {
    return "oxygen-short";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Oxygen> need = r.stage().needs().oxygen();
    if (need.isEmpty() || s.climate().water().isEmpty()) {
      return Optional.empty();
    }
    WaterState waterState = s.waterState();
    if (waterState.isBowl()) {
      return Optional.empty();
    }
    OxygenBalance oxygen = waterState.oxygen(waterState.isStirred());
    double full = oxygen.fullMgPerL();
    double held = oxygen.settlesMgPerL();
    double least = need.get().leastMgPerL();
    if (held >= least) {
      return Optional.empty();
    }
    return Optional.of(
        finding(
                need.get().gills() && held < 0.85 * least && !waterState.isHardlyMoreThanABowl()
                    ? Severity.WRONG
                    : Severity.WATCH,
                Step.WATER)
            .who(r)
            .basis(need.get().basis())
            .what(
                "About {} of oxygen in the warmest hour, {} at most; {} should have {}.",
                mgPerL(held),
                mgPerL(full),
                r.words(),
                mgPerL(least))
            .why(
                "Warm, still water holds little oxygen just when the animal needs more. Estimate, what is missing half or twice; saturation after Benson and Krause 1984.")
            .remedy("Cooler water first.")
            .remedy("Stir the surface: a filter outlet along it, or a gentle air stone.")
            .remedy("Fewer animals, no leftovers.")
            .build());
  }

  private static Quantity mgPerL(double value) {
    return new Quantity(Dimension.CONCENTRATION, value);
  }
}
