package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Stones;
import app.islet.core.geometry.Reachability;
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

/** An opening or gap wider than the head and narrower than the shell: it goes in and is held. */
@AutoService(Rule.class)
public final class PassageTraps implements ResidentRule {
  @Override
  public String id() {
    return "passage-traps";
  }

  /** Room to turn, as a factor of the body's width; common practice, no source. */
  private static final double EASY = 1.3;

  /** So near, as a share, to a gap that holds nobody it is watched; common practice, no source. */
  private static final double EDGE = 0.06;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (r.sheet().group() != AnimalGroup.TURTLE) {
      return Optional.empty();
    }
    double hide = s.enclosure().furnishings().hides().map(Hides::openingCm).orElse(0.0);
    double stones = s.enclosure().furnishings().stones().map(Stones::gapCm).orElse(0.0);
    double wide = Math.ceil(10 * EASY * r.widthCm()) / 10;
    if (holds(hide, r)) {
      return Optional.of(
          found(s, r, "A hide with an opening of {}", hide)
              .remedy(
                  new Change("/furnishings/hides/openingCm", wide),
                  "Hides {} wide, or open on all sides.",
                  Quantity.cm(wide))
              .build());
    }
    if (holds(stones, r)) {
      return Optional.of(
          found(s, r, "A gap of {} between the stones", stones)
              .remedy(
                  new Change("/furnishings/stones/gapCm", 0),
                  "Close the gap with a stone or silicone.")
              .remedy(
                  new Change("/furnishings/stones/gapCm", wide),
                  "Or widen it to {}.",
                  Quantity.cm(wide))
              .build());
    }
    return s.reach(r)
        .flatMap(reach -> reach.passages().stream().findFirst())
        .map(passage -> drawn(s, r, passage, wide));
  }

  private Finding drawn(HusbandryState s, Resident r, Reachability.Passage passage, double wide) {
    return found(
            s,
            r,
            passage.under()
                ? "Room of {} under a part"
                : "A gap of {} between two parts, or a part and the wall,",
            passage.gapCm())
        .at("passages")
        .remedy(
            passage.under()
                ? "Let it stand on the ground, or raise it until the whole animal goes under."
                : "Push them together, or {} apart.",
            passage.under() ? new Object[0] : new Object[] {Quantity.cm(wide)})
        .build();
  }

  private static boolean holds(double gapCm, Resident r) {
    return gapCm > r.headCm() && gapCm < EASY * r.widthCm();
  }

  private Finding.Builder found(HusbandryState s, Resident r, String where, double gapCm) {
    boolean danger = s.geometry().hasWater() && BodyEstimate.surelyHeld(gapCm, r);
    Severity edge = Margin.near(gapCm, EDGE * gapCm, gap -> !holds(gap, r), Severity.DANGER);
    Severity grade = edge == Severity.WATCH ? edge : danger ? Severity.DANGER : Severity.WRONG;
    return finding(grade, Step.BUILD)
        .who(r)
        .basis(danger ? Evidence.PRACTICE : r.sheet().body().basis())
        .what(
            where + " for {}, with a head of {} and a shell {} wide.",
            Quantity.cm(gapCm),
            r.words(),
            Quantity.cm(r.headCm()),
            Quantity.cm(r.widthCm()))
        .why("Where the head goes in it pushes on, wedges its shell and drowns.");
  }
}
