package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Fresh water for an animal of the tidal shore, or salt for one that cannot stand it. */
@AutoService(Rule.class)
public final class WrongSalt implements ResidentRule {
  private static final ByGroup TOO_FRESH =
      new ByGroup(
          "In too fresh water skin and shell sicken.",
          "Its skin sickens in water that is too fresh.",
          "In too fresh water shell and gills sicken, some within days.");

  @Override
  public String id() {
    return "wrong-salt";
  }

  /** How near the edge of the range a reading may lie: a kit and a hydrometer see no finer. */
  private static final double READING_PPT = 0.5;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Salinity> need = r.stage().needs().salinity();
    if (need.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    Range ppt = need.get().ppt();
    double now = s.waterState().salinityPpt();
    if (within(ppt, now)) {
      return Optional.empty();
    }
    boolean amphibian = r.sheet().group().isAmphibian();
    double aim = now < ppt.min() ? ppt.middle() : ppt.max();
    Finding.Builder found =
        finding(grade(need.get(), now, amphibian ? Severity.DANGER : Severity.WRONG), Step.WATER)
            .who(r)
            .basis(need.get().basis())
            .what(
                "{} of salt in the water; {} should have {}.",
                salt(now),
                r.words(),
                Phrase.range(ppt, Dimension.SALINITY))
            .why(
                amphibian
                    ? "Salt draws the water out through its skin."
                    : now < ppt.min()
                        ? TOO_FRESH.of(r)
                        : "More salt than its body can get rid of.");
    // More salt never makes it fresher.
    String steps =
        now < ppt.min()
            ? "Bring the water to {}, over several days, with marine salt and never table salt; fresh water to drink beside it."
            : "Bring the water to {} by changing part of it for fresh, over several days.";
    // What was tested is changed in the water, not in the design.
    boolean tested = s.waterRecord().newest(Parameter.SALINITY).isPresent();
    // What must drink fresh water beside it needs a dish of that first: no number says so.
    boolean drinks = r.stage().needs().pools().filter(Needs.Pools::fresh).isPresent();
    return Optional.of(
        (tested || drinks
                ? found.remedy(steps, salt(aim))
                : found.remedy(new Change("/water/salinityPpt", aim), steps, salt(aim)))
            .build());
  }

  /** What it tolerates is watched, and so is what lies just beyond. */
  private static Severity grade(Needs.Salinity need, double now, Severity worst) {
    Range tolerated = need.tolerated();
    return Margin.below(now, tolerated.min(), Dimension.SALINITY, need.basis(), worst)
        .or(() -> Margin.above(now, tolerated.max(), Dimension.SALINITY, need.basis(), worst))
        .orElse(Severity.WATCH);
  }

  private static boolean within(Range ppt, double now) {
    return now >= ppt.min() - READING_PPT && now <= ppt.max() + READING_PPT;
  }

  private static Quantity salt(double ppt) {
    return new Quantity(Dimension.SALINITY, ppt);
  }
}
