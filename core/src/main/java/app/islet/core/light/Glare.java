package app.islet.core.light;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import java.util.Comparator;
import java.util.Optional;

/**
 * A drawn lamp as it stands before the eyes of an animal on its basking place: brows and lids shade
 * the eye from a sun above, not from a lamp at its own height.
 *
 * @param elevationDeg of the lamp's nearest point over the level of the eyes
 */
public record Glare(Furnishing lamp, double elevationDeg) {
  /** Lower than this a lamp shines into the eye; common practice, no source. */
  public static final double MIN_DEG = 35;

  /** Eyes of a lying animal, as a share of its height. */
  private static final double EYES = 0.7;

  /** The lamp that stands lowest before it; absent where none is drawn or there is no place. */
  public static Optional<Glare> of(Enclosure e, Geometry s, Resident r) {
    return BaskingPlace.of(e, s)
        .flatMap(
            place ->
                e.furnishings().parts().stream()
                    .filter(
                        part ->
                            part.kind() == FurnishingKind.UVB_LAMP
                                || part.kind() == FurnishingKind.BASKING_LAMP)
                    .map(part -> glare(part, place, r))
                    .min(Comparator.comparing(Glare::elevationDeg)));
  }

  private static Glare glare(Furnishing lamp, BaskingPlace place, Resident r) {
    double up = lamp.bottomCm() - place.heightCm() - EYES * r.heightCm();
    double aside =
        Math.hypot(
            Math.max(0, Math.abs(lamp.midX() - place.xCm()) - lamp.spanX() / 2),
            Math.max(0, Math.abs(lamp.midY() - place.yCm()) - lamp.spanY() / 2));
    return new Glare(lamp, Math.toDegrees(Math.atan2(up, Math.max(1e-6, aside))));
  }

  public boolean blinds() {
    return elevationDeg < MIN_DEG;
  }
}
