package app.islet.core.climate;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The basking place of a design under its lamp.
 *
 * @param belowCm from the lamp down to the place
 * @param asideCm how far the place lies beside the middle of the cone
 * @param measured whether a thermometer on the place is behind it
 */
public record Spot(BaskingSpot lamp, double belowCm, double asideCm, boolean measured) {
  /** Absent without a lamp, a dry place, or a way to know how far apart they are. */
  public static Optional<Spot> of(Enclosure e, Geometry s, double airC) {
    Optional<Equipment.BaskingLamp> lamp = e.all(Equipment.BaskingLamp.class).findFirst();
    Optional<BaskingPlace> place = BaskingPlace.of(e, s);
    if (lamp.isEmpty() || place.isEmpty()) {
      return Optional.empty();
    }
    Optional<Furnishing> drawn =
        e.furnishings().parts().stream()
            .filter(p -> p.kind() == FurnishingKind.BASKING_LAMP)
            .findFirst();
    OptionalDouble below =
        drawn.isPresent()
            ? OptionalDouble.of(drawn.get().bottomCm() - place.get().heightCm())
            : lamp.get().distanceCm();
    if (below.isEmpty() || !(below.getAsDouble() > 0)) {
      return Optional.empty();
    }
    double aside =
        drawn
            .map(p -> Math.hypot(p.midX() - place.get().xCm(), p.midY() - place.get().yCm()))
            .orElse(0.0);
    BaskingSpot estimated =
        BaskingSpot.of(
            lamp.get().powerW(), lamp.get().beamDeg().orElse(BaskingSpot.USUAL_BEAM_DEG), airC);
    OptionalDouble read = lamp.get().spotC();
    return Optional.of(
        new Spot(
            read.isPresent()
                ? estimated.measured(read.getAsDouble(), below.getAsDouble())
                : estimated,
            below.getAsDouble(),
            aside,
            read.isPresent()));
  }

  /** Surface where the animal lies, °C. */
  public double surfaceC() {
    return lamp.surfaceC(belowCm, asideCm);
  }
}
