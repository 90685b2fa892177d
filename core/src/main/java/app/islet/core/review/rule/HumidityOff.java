package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Lid;
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
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;

/** Air drier or damper over the land than the animals stand, or that nobody measured. */
@AutoService(Rule.class)
public final class HumidityOff implements ResidentRule {
  private static final ByGroup DRY =
      new ByGroup(
          "Skin and eyes dry out, and it sheds badly.",
          "Its skin dries: it cannot shed, and stops breathing well.",
          "Its gills dry: it cannot moult, and stops breathing well.");

  @Override
  public String id() {
    return "humidity-off";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Humidity> need = r.stage().needs().humidity();
    if (need.isEmpty()) {
      return Optional.empty();
    }
    Needs.Humidity h = need.get();
    OptionalDouble measured = s.enclosure().conditions().humidityPercent();
    return measured.isPresent() ? judged(r, h, measured.getAsDouble()) : unknown(s, r, h);
  }

  private Optional<Finding> judged(Resident r, Needs.Humidity h, double percent) {
    if (h.percent().contains(percent)) {
      return Optional.empty();
    }
    boolean dry = percent < h.percent().min();
    Finding.Builder finding =
        finding(grade(h, percent), Step.CLIMATE)
            .who(r)
            .basis(h.basis())
            .what(
                "Humidity of {}; {} should have {}.",
                Quantity.percent(percent),
                r.words(),
                Phrase.range(h.percent(), Dimension.PERCENT))
            .why(dry ? DRY.of(r) : "Air that never dries grows mould and sores.");
    return Optional.of(
        dry
            ? finding
                .remedy("Cover a part of the top, and leave the rest open for air.")
                .remedy("Deeper, wetter ground and leaf litter; mist in the evening.")
                .build()
            : finding
                .remedy("Open a part of the top, so that the surface dries once a day.")
                .build());
  }

  private static Severity grade(Needs.Humidity h, double percent) {
    Range stood = h.tolerated();
    return Margin.below(percent, stood.min(), Dimension.PERCENT, h.basis(), Severity.WRONG)
        .or(() -> Margin.above(percent, stood.max(), Dimension.PERCENT, h.basis(), Severity.WRONG))
        .orElse(Severity.WATCH);
  }

  /** An open top lets the room's air in; under a cover nobody knows until it is measured. */
  private Optional<Finding> unknown(HusbandryState s, Resident r, Needs.Humidity h) {
    double room = s.enclosure().site().humidityPercent();
    boolean open = s.enclosure().lid() == Lid.NONE || s.enclosure().lid() == Lid.MESH;
    boolean drying = open && room < h.tolerated().min();
    return Optional.of(
        finding(drying ? Severity.WATCH : Severity.NOTE, Step.CLIMATE)
            .who(r)
            .basis(h.basis())
            .what(
                drying
                    ? "Nobody measured the humidity, and the top lets in the room's {}; {} should have {}."
                    : "Nobody measured the humidity; the room has {}, {} should have {}.",
                Quantity.percent(room),
                r.words(),
                Phrase.range(h.percent(), Dimension.PERCENT))
            .why(DRY.of(r))
            .remedy("Hang a hygrometer over the land for a day and enter what it says.")
            .build());
  }
}
