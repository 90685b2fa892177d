package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
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
import java.util.OptionalDouble;

/** A basking animal without a warm spot, or one outside its range. */
@AutoService(Rule.class)
public final class NoBaskingLamp implements ResidentRule {
  @Override
  public String id() {
    return "no-basking-lamp";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Basking> need = r.stage().needs().basking();
    // Under the sky the sun warms the place.
    if (need.isEmpty() || s.enclosure().site().outdoors()) {
      return Optional.empty();
    }
    Range spot = need.get().spotC();
    OptionalDouble measured =
        s.enclosure()
            .all(Equipment.BaskingLamp.class)
            .map(Equipment.BaskingLamp::spotC)
            .filter(OptionalDouble::isPresent)
            .mapToDouble(OptionalDouble::getAsDouble)
            .max();
    if (!s.enclosure().has(Equipment.BaskingLamp.class)) {
      return Optional.of(
          finding(Severity.WRONG, Step.LIGHT)
              .who(r)
              .basis(need.get().basis())
              .what(
                  "No basking lamp for {}; the spot should reach {}.",
                  r.words(),
                  Phrase.range(spot, Dimension.TEMPERATURE))
              .why(
                  "It warms itself to digest and to fight infection, and cannot do so in the water.")
              .remedy(
                  "A basking lamp over the dry place, {} hours a day. Set its height by a thermometer on the spot.",
                  Quantity.count(need.get().hoursPerDay()))
              .build());
    }
    Optional<Severity> off =
        measured.isPresent() ? BaskingHeat.of(measured.getAsDouble(), spot) : Optional.empty();
    return off.map(severity -> wrongHeat(severity, measured.getAsDouble(), spot, r));
  }

  private Finding wrongHeat(Severity severity, double surfaceC, Range spot, Resident r) {
    return finding(severity, Step.LIGHT)
        .who(r)
        .basis(r.stage().needs().basking().orElseThrow().basis())
        .what(
            "The basking spot measures {}; {} should have {}.",
            Quantity.celsius(surfaceC),
            r.words(),
            Phrase.range(spot, Dimension.TEMPERATURE))
        .why(BaskingHeat.why(surfaceC, spot))
        .remedy(
            surfaceC > spot.max()
                ? "Hang the lamp higher or take a weaker one, and measure again."
                : "Hang the lamp lower or take a stronger one, and measure again.")
        .build();
  }
}
