package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.climate.Spot;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.FurnishingKind;
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
import java.util.Optional;

/** A basking spot nobody measured that will hardly have the right temperature as the lamp hangs. */
@AutoService(Rule.class)
public final class BaskingSpotEstimated implements ResidentRule {
  @Override
  public String id() {
    return "basking-spot-estimated";
  }

  /** How far the estimated rise over the air may be off, as a share of it. */
  private static final double WITHIN = 1 / 3.0;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Basking> need = r.stage().needs().basking();
    Optional<Spot> spot = s.spot();
    if (need.isEmpty() || spot.isEmpty() || spot.get().measured()) {
      return Optional.empty();
    }
    Range want = need.get().spotC();
    double rise = spot.get().surfaceC() - spot.get().lamp().airC();
    double least = spot.get().lamp().airC() + rise * (1 - WITHIN);
    double most = spot.get().lamp().airC() + rise * (1 + WITHIN);
    if (least <= want.max() && most >= want.min()) {
      return Optional.empty();
    }
    double aim = Math.max(1, Math.min(300, spot.get().lamp().distanceFor(want.middle())));
    Finding.Builder finding =
        finding(Severity.WATCH, Step.CLIMATE)
            .who(r)
            .basis(need.get().basis())
            .what(
                "The basking spot comes to about {} as the lamp hangs; {} should have {}.",
                Quantity.celsius(spot.get().surfaceC()),
                r.words(),
                Phrase.range(want, Dimension.TEMPERATURE))
            .why(
                "{} Estimate, the rise over the air within a third; a thermometer on the spot decides.",
                BaskingHeat.why(least > want.max() ? least : most, want));
    boolean drawn =
        s.enclosure().furnishings().parts().stream()
            .anyMatch(p -> p.kind() == FurnishingKind.BASKING_LAMP);
    return Optional.of(
        drawn
            ? finding
                .remedy("Hang the lamp {} over the place, and measure.", Quantity.cm(aim))
                .build()
            : finding
                .remedy(
                    new Change("/equipment/basking-lamp/distanceCm", aim),
                    "Hang the lamp {} over the place, and measure.",
                    Quantity.cm(aim))
                .build());
  }
}
