package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Lid;
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

/** A gap in the top that an animal fits through. */
@AutoService(Rule.class)
public final class GapInTop implements OneCause {
  /**
   * Shares of its thickness: through a gap so wide a soft body may get its head, squeeze itself,
   * pass; common practice, no source.
   */
  private static final double TRIES = 0.7;

  private static final double SQUEEZES = 0.8;
  private static final double PASSES = 0.9;

  @Override
  public String id() {
    return "gap-in-top";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    OptionalDouble gap = s.enclosure().conditions().lidGapCm();
    double thin = Math.min(r.widthCm(), r.heightCm());
    boolean climber =
        r.stage().needs().escape().lid()
            || r.stage().needs().locomotion().slopeDegOn(Surface.GLASS) >= 60;
    if (gap.isEmpty()
        || s.enclosure().lid() == Lid.NONE
        || !climber
        || gap.getAsDouble() < TRIES * thin) {
      return Optional.empty();
    }
    return Optional.of(
        finding(
                gap.getAsDouble() < SQUEEZES * thin
                    ? Severity.WATCH
                    : gap.getAsDouble() < PASSES * thin ? Severity.WRONG : Severity.DANGER,
                Step.BUILD)
            .who(r)
            .basis(r.stage().needs().escape().basis())
            .what(
                "A gap of {} in the top over {}, {} thick.",
                Quantity.cm(gap.getAsDouble()),
                r.words(),
                Quantity.cm(thin))
            .why("It finds the smallest gap in one night, and dries out on the floor.")
            .remedy(
                new Change("/conditions/lidGapCm", 0),
                "Close it: sponge round cables, clamps, net pulled tight.")
            .build());
  }
}
