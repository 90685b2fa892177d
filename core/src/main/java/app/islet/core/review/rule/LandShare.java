package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Land;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** Too little or too much dry land for the stage. */
@AutoService(Rule.class)
public final class LandShare implements ResidentRule {
  private static final ByGroup TOO_MUCH =
      new ByGroup(
          "Land takes the room it needs to swim.",
          "Land takes the room it needs to swim.",
          "Land takes the room of the water it needs.");

  @Override
  public String id() {
    return "land-share";
  }

  /**
   * The share of the length, in whole percents, whose dry part lies in the wanted range; the
   * nearest to today's.
   */
  private static Optional<Double> shareThatFits(HusbandryState s, Land there, Range want) {
    return Stream.iterate(1.0, share -> share < 100, share -> share + 1)
        .filter(
            share ->
                want.contains(
                    Geometry.of(s.enclosure().with(new Change("/land/sharePercent", share)))
                        .dryLandPercent()))
        .min(Comparator.comparingDouble(share -> Math.abs(share - there.sharePercent())));
  }

  /** So many points beyond the range are near it; common practice, no source. */
  private static final double NEAR = 10;

  /** As much of the floor as a float or a root takes; common practice, no source. */
  private static final double FLOAT_PERCENT = 5;

  /** Less than this share of the least is too little by far. */
  private static final double GRAVE = 0.6;

  /** Cork and wood at the surface, counted and not drawn, are the few per cent that some want. */
  private static boolean floats(HusbandryState s, Range want) {
    return want.min() <= FLOAT_PERCENT && s.enclosure().furnishings().furtherWaysOut() > 0;
  }

  private static Severity severity(double dry, Range want) {
    boolean near = dry <= want.max() + NEAR && dry >= want.min() - NEAR;
    return near && dry >= GRAVE * want.min() ? Severity.WATCH : Severity.WRONG;
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Land land = r.stage().needs().land();
    double dry = s.geometry().dryLandPercent();
    if (s.enclosure().platform().isPresent() && r.stage().habitat() != Habitat.LAND) {
      dry =
          100
              * (s.geometry().dryLandCm2() + s.geometry().baskingCm2(s.enclosure()))
              / s.geometry().footprintCm2();
    }
    Range want = land.sharePercent();
    boolean little = dry < want.min() - 0.5 && !floats(s, want);
    // Bowls set into the ground are its water; how much floor they take nobody drew.
    boolean bowls = !s.geometry().hasWater() && !s.enclosure().furnishings().dishes().isEmpty();
    // That there is no land at all, and no way onto any, is told by other rules.
    boolean none =
        dry == 0
            && (r.stage().habitat() == Habitat.LAND
                || land.necessary() && s.enclosure().furnishings().furtherWaysOut() == 0);
    if (none || !little && (bowls || dry <= want.max() + 0.5)) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(severity(dry, want), Step.BUILD)
            .who(r)
            .basis(land.basis())
            .what(
                "{} of the floor is dry land; {} should have {}.",
                Quantity.percent(dry),
                r.words(),
                Phrase.range(want, Dimension.PERCENT))
            .why(
                little
                    ? s.heads() > 1
                        ? "It spends much of its time on land and is driven off it by the others where land is short."
                        : "It spends much of its time on land."
                    : TOO_MUCH.of(r));
    s.enclosure()
        .land()
        .ifPresent(
            there ->
                shareThatFits(s, there, want)
                    .ifPresent(
                        share ->
                            finding.remedy(
                                new Change("/land/sharePercent", share),
                                "Let the land take {} of the length.",
                                Quantity.percent(share))));
    return Optional.of(finding.remedy(little ? "More land, kept moist." : "Less land.").build());
  }
}
