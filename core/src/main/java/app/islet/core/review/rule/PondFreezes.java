package app.islet.core.review.rule;

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

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Pond pond = new Pond(s.enclosure().site(), s.enclosure().water().depthCm());
    if (!s.enclosure().site().outdoors() || !s.geometry().hasWater() || pond.iceCm() == 0) {
      return Stream.empty();
    }
    Finding.Builder found =
        finding(pond.staysOpen() ? Severity.NOTE : Severity.WATCH, Step.CLIMATE)
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
}
