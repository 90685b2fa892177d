package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.geometry.Basking;
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

/** No dry place large enough for the whole body. */
@AutoService(Rule.class)
public final class NoBaskingPlace implements ResidentRule {
  @Override
  public String id() {
    return "no-basking-place";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (r.stage().needs().basking().isEmpty()) {
      return Optional.empty();
    }
    double body = r.bodyCm() * r.bodyCm() * r.sheet().body().widthShare();
    double need = body * 1.5;
    Optional<Basking> drawn = s.basking(r);
    double room = drawn.map(Basking::dryCm2).orElse(s.geometry().baskingCm2(s.enclosure()));
    boolean narrow =
        drawn.map(place -> place.bodies() == 0).orElse(false)
            || drawn.isEmpty() && tooNarrow(s, r, need);
    // That nothing dry can be got to at all is told as the drowning it is.
    boolean none =
        room == 0
            && s.geometry().hasWater()
            && r.stage().needs().land().necessary()
            && s.enclosure().furnishings().furtherWaysOut() == 0;
    if (none || room >= need && !narrow) {
      return Optional.empty();
    }
    double side = Math.ceil(Math.max(r.bodyCm(), Math.sqrt(need)) + 1);
    return Optional.of(
        finding(grade(s, r, room, need, narrow), Step.BUILD)
            .who(r)
            .basis(r.stage().needs().basking().get().basis())
            .what(
                room == 0
                    ? "No dry basking place that {} can get to; {} needed."
                    : "The basking place is too small for {}: {} needed for one whole body.",
                r.words(),
                Quantity.cm2(need))
            .why(
                "Skin and shell must dry through every day, or they rot; the heat there helps it digest.")
            .remedy(
                new Change("/platform/sideCm", side),
                "A platform {} square, wholly dry, reached by a slope it can climb{}.",
                Quantity.cm(side),
                r.stage().needs().dock().map(dock -> ": " + dock.words()).orElse(""))
            .build());
  }

  private static Severity grade(
      HusbandryState s, Resident r, double roomCm2, double needCm2, boolean narrow) {
    if (roomCm2 == 0) {
      return Awash.of(s).orElse(Severity.DANGER);
    }
    Severity small =
        Margin.below(roomCm2, needCm2, Dimension.AREA, r.sheet().body().basis(), Severity.WRONG)
            .orElse(Severity.WATCH);
    double side =
        s.enclosure().platform().map(p -> Math.max(p.lengthCm(), p.widthCm())).orElse(0.0);
    return narrow
        ? Margin.graver(
            small,
            Margin.below(
                    side, r.bodyCm(), Dimension.LENGTH, r.sheet().body().basis(), Severity.WRONG)
                .orElse(Severity.WRONG))
        : small;
  }

  private static boolean tooNarrow(HusbandryState s, Resident r, double need) {
    return s.enclosure()
            .platform()
            .map(p -> Math.max(p.lengthCm(), p.widthCm()) < r.bodyCm())
            .orElse(false)
        && s.geometry().dryLandCm2() < need;
  }
}
