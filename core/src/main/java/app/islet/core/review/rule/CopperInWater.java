package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.care.Medicine;
import app.islet.core.care.Needs;
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
import java.util.OptionalDouble;

/** Copper in the water, from pipes, coins, ornaments or a cure. */
@AutoService(Rule.class)
public final class CopperInWater implements OneCause {
  /** Acute criterion for life in fresh water at 100 mg/L of hardness. */
  private static final double GILLS_MG_PER_L = 0.013;

  private static final Evidence CRITERION =
      Evidence.published("US EPA water quality criteria, copper: 0.013 mg/L acute; as remembered");

  /** From here on it kills what has gills within days; common practice, no source. */
  private static final double KILLS_MG_PER_L = 0.1;

  /** What people may drink, mg/L. */
  private static final double DRINKING_MG_PER_L = 1.3;

  private static final Evidence DRINKING =
      Evidence.published("US EPA action level for drinking water, copper: 1.3 mg/L; as remembered");

  @Override
  public String id() {
    return "copper-in-water";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    OptionalDouble copper = s.enclosure().water().additives().copperMgPerL();
    boolean tender = hasGills(r);
    double limit = tender ? GILLS_MG_PER_L : DRINKING_MG_PER_L;
    // A cure that holds copper is told as the cure it is.
    boolean cure =
        tender
            && s.enclosure().water().additives().medicines().stream().anyMatch(Medicine::gillsOnly);
    if (cure || copper.isEmpty() || copper.getAsDouble() <= limit || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    double mg = copper.getAsDouble();
    boolean kills = tender && mg > KILLS_MG_PER_L;
    return Optional.of(
        finding(kills ? Severity.DANGER : tender ? Severity.WRONG : Severity.WATCH, Step.WATER)
            .who(r)
            .at("water")
            .basis(kills ? Evidence.PRACTICE : tender ? CRITERION : DRINKING)
            .what(
                "{} of copper in the water of {}; at most {}.",
                new Quantity(Dimension.CONCENTRATION, mg),
                r.words(),
                new Quantity(Dimension.CONCENTRATION, limit))
            .why("Copper burns gills and kills crabs; it gathers in ground and filter.")
            .remedy("Change half of the water today and tomorrow, with water that was tested.")
            .remedy("Find where it comes from: pipes, coins, an ornament, a cure for fish.")
            .build());
  }

  /** Whether it breathes by what copper burns first. */
  static boolean hasGills(Resident r) {
    return r.sheet().group() == AnimalGroup.CRAB
        || r.stage().needs().oxygen().map(Needs.Oxygen::gills).orElse(false);
  }
}
