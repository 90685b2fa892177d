package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Lid;
import app.islet.core.light.UvPlace;
import app.islet.core.light.UvVerdict;
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

/** A UVB tube too near to be safe or too far to be of use. */
@AutoService(Rule.class)
public final class UvbDistance implements ResidentRule {
  @Override
  public String id() {
    return "uvb-distance";
  }

  private static final double BURNS_CM = 10;

  /** Above the zone by this factor it burns. */
  private static final double FAR_TOO_MUCH = 1.5;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<UvPlace> place = s.uvPlace(r).filter(UvPlace::known);
    Lid lid =
        s.enclosure()
            .first(Equipment.UvbLamp.class)
            .map(s.enclosure()::over)
            .orElse(s.enclosure().lid());
    if (r.stage().needs().uv().isEmpty() || lid.stopsUv()) {
      return Optional.empty();
    }
    Range want = UvVerdict.thumbCm(lid);
    return place.isPresent() ? byIndex(s, r, place.get(), want) : byThumb(s, r, want, lid);
  }

  /** By the strength of this lamp, from its maker or a meter; the rule of thumb is said too. */
  private Optional<Finding> byIndex(HusbandryState s, Resident r, UvPlace place, Range thumb) {
    if (place.verdict(s.enclosure()).equals(Optional.of(UvVerdict.ENOUGH))) {
      return Optional.empty();
    }
    Range zone = place.need().uvi();
    boolean much = place.atBackUvi() > zone.max();
    Finding.Builder finding =
        finding(
                place.atBackUvi() > FAR_TOO_MUCH * zone.max() ? Severity.WRONG : Severity.WATCH,
                Step.LIGHT)
            .who(r)
            .basis(place.need().basis())
            .what(
                "A UV index of about {} at the back of {}; its zone needs {}.",
                new Quantity(Dimension.RATIO, place.atBackUvi()),
                r.words(),
                Phrase.range(zone, Dimension.RATIO))
            .why(
                "{} The rule of thumb for an ordinary tube is {}.",
                much ? "So much burns eyes and skin." : "So little does next to nothing.",
                Phrase.range(thumb, Dimension.LENGTH));
    boolean drawn =
        s.enclosure().furnishings().parts().stream()
            .anyMatch(p -> p.kind() == FurnishingKind.UVB_LAMP);
    boolean read =
        s.enclosure().all(Equipment.UvbLamp.class).anyMatch(lamp -> lamp.readUvi().isPresent());
    if (place.farthestCm().isEmpty()) {
      return Optional.of(
          finding.remedy("A stronger lamp, or nothing between it and the animal.").build());
    }
    double far = place.farthestCm().getAsDouble();
    double aim = (place.nearestCm().orElse(far * 0.7) + far) / 2;
    return Optional.of(
        drawn || read
            ? finding
                .remedy("Hang it {} from the back, and read the meter again.", Quantity.cm(aim))
                .build()
            : finding
                .remedy(
                    new Change("/equipment/uvb-lamp/distanceCm", aim),
                    "Hang it {} from the back; a UV meter decides.",
                    Quantity.cm(aim))
                .build());
  }

  private Optional<Finding> byThumb(HusbandryState s, Resident r, Range want, Lid lid) {
    OptionalDouble distance =
        s.enclosure()
            .all(Equipment.UvbLamp.class)
            .flatMapToDouble(lamp -> lamp.distanceCm().stream())
            .min();
    if (distance.isEmpty()
        || UvVerdict.byDistance(distance.getAsDouble(), lid) == UvVerdict.ENOUGH) {
      return Optional.empty();
    }
    boolean mesh = lid == Lid.MESH || lid == Lid.PART_MESH;
    double cm = distance.getAsDouble();
    double aim = want.middle();
    return Optional.of(
        finding(cm < BURNS_CM ? Severity.WRONG : Severity.WATCH, Step.LIGHT)
            .who(r)
            .what(
                "The UVB tube hangs {} over the back of {}; {} {}.",
                Quantity.cm(cm),
                r.words(),
                Phrase.range(want, Dimension.LENGTH),
                mesh ? "where mesh takes a third" : "in the open")
            .why(
                cm < want.min()
                    ? "So near it burns eyes and skin."
                    : "So far it lights and does little else.")
            .remedy(
                new Change("/equipment/uvb-lamp/distanceCm", aim),
                "Hang it {} over the basking place; a UV meter decides.",
                Quantity.cm(aim))
            .build());
  }
}
