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
import app.islet.core.water.OneWater;
import app.islet.core.water.Parameter;
import app.islet.core.water.Waters;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.Optional;

/** Only fresh water for an animal of the tidal shore, or salt for one that cannot stand it. */
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
    return r.stage()
        .needs()
        .salinity()
        .flatMap(need -> farthest(s, r, need).map(water -> found(s, r, need, water)));
  }

  /**
   * The water that is off the most. An animal with bare skin is harmed by each it sits in; others
   * keep to the main water, and choose the best of the dishes where there is none.
   */
  private static Optional<OneWater> farthest(HusbandryState s, Resident r, Needs.Salinity need) {
    Waters waters = s.waters();
    Comparator<OneWater> off =
        Comparator.comparingDouble(water -> distance(need.ppt(), water.salinityPpt()));
    Optional<OneWater> judged =
        r.sheet().group().isAmphibian()
            ? waters.all().stream().max(off)
            : waters.main().or(() -> waters.dishes().stream().min(off));
    return judged.filter(water -> distance(need.ppt(), water.salinityPpt()) > READING_PPT);
  }

  private static double distance(Range ppt, double is) {
    return Math.max(ppt.min() - is, is - ppt.max());
  }

  private Finding found(HusbandryState s, Resident r, Needs.Salinity need, OneWater water) {
    Range ppt = need.ppt();
    double now = water.salinityPpt();
    boolean amphibian = r.sheet().group().isAmphibian();
    Finding.Builder found =
        finding(grade(need, now, amphibian ? Severity.DANGER : Severity.WRONG), Step.WATER)
            .who(r)
            .basis(need.basis())
            .what(
                "{} of salt in {}; {} should have {}.",
                salt(now),
                water.name(),
                r.words(),
                Phrase.range(ppt, Dimension.SALINITY))
            .why(
                amphibian
                    ? "Salt draws the water out through its skin."
                    : now < ppt.min()
                        ? TOO_FRESH.of(r)
                        : "More salt than its body can get rid of.");
    return water.isDish() ? dish(found, ppt, now) : main(found, s, r, ppt, now);
  }

  private static Finding dish(Finding.Builder found, Range ppt, double now) {
    return now < ppt.min()
        ? found
            .remedy(
                "Fill it anew with {}, marine salt in dechlorinated water, never table salt; fresh water to drink beside it.",
                salt(ppt.middle()))
            .build()
        : found.remedy("Rinse it out and fill it with dechlorinated fresh water.").build();
  }

  private static Finding main(
      Finding.Builder found, HusbandryState s, Resident r, Range ppt, double now) {
    double aim = now < ppt.min() ? ppt.middle() : ppt.max();
    // More salt never makes it fresher.
    String steps =
        now < ppt.min()
            ? "Bring the water to {}, over several days, with marine salt and never table salt; fresh water to drink beside it."
            : "Bring the water to {} by changing part of it for fresh, over several days.";
    // What was tested is changed in the water, not in the design.
    boolean tested = s.waterRecord().newest(Parameter.SALINITY).isPresent();
    // What must drink fresh water beside it needs a dish of that first: no number says so.
    boolean drinks = r.stage().needs().pools().filter(Needs.Pools::fresh).isPresent();
    return (tested || drinks
            ? found.remedy(steps, salt(aim))
            : found.remedy(new Change("/water/salinityPpt", aim), steps, salt(aim)))
        .build();
  }

  /** What it tolerates is watched, and so is what lies just beyond. */
  private static Severity grade(Needs.Salinity need, double now, Severity worst) {
    Range tolerated = need.tolerated();
    return Margin.below(now, tolerated.min(), Dimension.SALINITY, need.basis(), worst)
        .or(() -> Margin.above(now, tolerated.max(), Dimension.SALINITY, need.basis(), worst))
        .orElse(Severity.WATCH);
  }

  private static Quantity salt(double ppt) {
    return new Quantity(Dimension.SALINITY, ppt);
  }
}
