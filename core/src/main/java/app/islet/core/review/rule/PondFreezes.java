package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.climate.Pond;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** A pond that ice closes, or freezes to the ground. */
@AutoService(Rule.class)
public final class PondFreezes implements Rule {
  @Override
  public String id() {
    return "pond-freezes";
  }

  /** Mean of the air below which the frost is near, °C; common practice, no source. */
  private static final double FROST_NEAR_C = 8;

  /** What lies still at the bottom needs this much water over the mud; common practice. */
  private static final double MIN_FREE_CM = 10;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Pond pond = new Pond(s.enclosure().site(), s.enclosure().water().depthCm());
    if (!s.enclosure().site().outdoors() || !s.geometry().hasWater() || pond.iceCm() == 0) {
      return Stream.empty();
    }
    Finding.Builder found =
        finding(grade(s, pond), Step.CLIMATE)
            .at("water")
            .what(
                "About {} of ice in a cold winter, over water {} deep.",
                Quantity.cm(pond.iceCm()),
                Quantity.cm(pond.depthCm()))
            .why(
                pond.staysOpen()
                    ? "Under closed ice the gas of rotting leaves gathers, and the oxygen goes."
                    : "What winters at the bottom freezes, or suffocates in what is left.");
    return Stream.of(
        pond.staysOpen()
            ? found
                .remedy(
                    "Keep a hole open, take leaves out in autumn, never break the ice by force.")
                .build()
            : found
                .remedy("Winter the animals elsewhere, in a cool room that is watched.")
                .remedy("Or dig it at least {} deep.", Quantity.cm(pond.iceCm() + Pond.FREE_CM))
                .build());
  }

  /** Ice that leaves less than the animals need kills; before the frost there is time to act. */
  private static Severity grade(HusbandryState s, Pond pond) {
    if (pond.staysOpen()) {
      return Severity.NOTE;
    }
    boolean winter = Pond.airC(s.enclosure().site(), s.date()) < FROST_NEAR_C;
    boolean there =
        s.residents().stream().anyMatch(r -> r.awakeStage().needs().water().isPresent());
    if (!winter || !there) {
      return Severity.WATCH;
    }
    double tallest = s.residents().stream().mapToDouble(Resident::heightCm).max().orElse(0);
    double needed = Math.max(MIN_FREE_CM, tallest);
    double free = pond.depthCm() - pond.iceCm();
    // The ice is an estimate: what is left of less than half of the need is no matter of a cm.
    return free >= needed ? Severity.WATCH : free >= needed / 2 ? Severity.WRONG : Severity.DANGER;
  }
}
