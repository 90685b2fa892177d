package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Hides;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/**
 * A cave or a hole in an ornament that a soft body squeezes into and a crab does not fit. What it
 * does to a shell is told by {@link PassageTraps}.
 */
@AutoService(Rule.class)
public final class TightHide implements ResidentRule {
  private static final ByGroup WHY =
      new ByGroup(
          "It wedges its shell.",
          "It squeezes in, is wedged, and tears skin and gills on the way out.",
          "What is too tight to turn in is no hide: it stays outside, or breaks a leg.");

  /** Room to turn, as a factor of the widest part; common practice, no source. */
  private static final double EASY = 1.3;

  /** Narrower than this share of it nothing gets in; from memory. */
  private static final double SHUT = 0.5;

  @Override
  public String id() {
    return "tight-hide";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    double opening = s.enclosure().furnishings().hides().map(Hides::openingCm).orElse(0.0);
    double widest = Math.max(r.headCm(), r.widthCm());
    if (r.sheet().group() == AnimalGroup.TURTLE
        || opening <= SHUT * widest
        || opening >= EASY * widest) {
      return Optional.empty();
    }
    double wide = Math.ceil(10 * EASY * widest) / 10;
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .basis(r.sheet().body().basis())
            .what(
                "A hide with an opening of {} for {}, {} at the widest.",
                Quantity.cm(opening),
                r.words(),
                Quantity.cm(widest))
            .why(WHY.of(r))
            .remedy(
                new Change("/furnishings/hides/openingCm", wide),
                "Hides {} wide, smooth inside.",
                Quantity.cm(wide))
            .build());
  }
}
