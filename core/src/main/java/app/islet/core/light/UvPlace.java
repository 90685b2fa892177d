package app.islet.core.light;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What UVB an animal gets where it basks, and where it would get what its zone wants (Baines et al.
 * 2016).
 *
 * @param atBackUvi at its back on the basking place, {@code atEyesUvi} at its head's height in the
 *     water beside it
 * @param shadeUvi at the end of the enclosure farthest from the lamps, at the line
 * @param nearestCm from the lamp to the back at which the upper end of the zone is met, {@code
 *     farthestCm} at which the lower is; absent where no distance does
 * @param apartCm how far the UVB lamp hangs beside the basking lamp, where both are drawn
 * @param known whether a maker's number or a meter is behind it, not only the kind of lamp
 */
public record UvPlace(
    Needs.Uv need,
    double atBackUvi,
    double atEyesUvi,
    double shadeUvi,
    OptionalDouble nearestCm,
    OptionalDouble farthestCm,
    OptionalDouble apartCm,
    boolean known) {
  private static final double NEAREST_CM = 3;
  private static final double FARTHEST_CM = 150;
  private static final double STEP_CM = 0.5;

  /** A hand beside each other two lamps still share their place; common practice, no source. */
  private static final double OVERLAP_CM = 15;

  /** When lamps are replaced by rule: two schools, common practice, no source. */
  private static final int SHORT_MONTHS = 6;

  private static final int LONG_MONTHS = 12;

  /** Absent where the animal states no need, or there is no lamp or no dry place. */
  public static Optional<UvPlace> of(Enclosure e, Geometry s, Resident r, LocalDate date) {
    Optional<Needs.Uv> need = r.stage().needs().uv();
    Optional<BaskingPlace> place = BaskingPlace.of(e, s);
    if (need.isEmpty() || place.isEmpty() || !e.has(Equipment.UvbLamp.class)) {
      return Optional.empty();
    }
    BaskingPlace p = place.get();
    double back = p.heightCm() + r.heightCm();
    UvField field = UvField.of(e, date, p.xCm(), back);
    double far = p.xCm() > e.vessel().lengthCm() / 2 ? 0 : e.vessel().lengthCm();
    Equipment.UvbLamp lamp = e.all(Equipment.UvbLamp.class).findFirst().orElseThrow();
    return Optional.of(
        new UvPlace(
            need.get(),
            field.uvi(p.xCm(), p.yCm(), back),
            field.uvi(p.xCm(), p.yCm(), s.lineCm()),
            field.uvi(far, p.yCm(), s.lineCm()),
            distance(e, date, p, need.get().uvi().max()),
            distance(e, date, p, need.get().uvi().min()),
            apart(e),
            lamp.uviAt30Cm().isPresent() || lamp.readUvi().isPresent()));
  }

  private static OptionalDouble apart(Enclosure e) {
    Optional<Furnishing> uv = drawn(e, FurnishingKind.UVB_LAMP);
    Optional<Furnishing> heat = drawn(e, FurnishingKind.BASKING_LAMP);
    return uv.isEmpty() || heat.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(
            Math.hypot(
                // A tube shines along all of its length.
                Math.max(0, Math.abs(uv.get().midX() - heat.get().midX()) - uv.get().spanX() / 2),
                uv.get().midY() - heat.get().midY()));
  }

  private static Optional<Furnishing> drawn(Enclosure e, FurnishingKind kind) {
    return e.furnishings().parts().stream().filter(p -> p.kind() == kind).findFirst();
  }

  /** The nearest distance at which the index is not above {@code uvi}. */
  private static OptionalDouble distance(
      Enclosure e, LocalDate date, BaskingPlace place, double uvi) {
    Equipment.UvbLamp lamp = e.all(Equipment.UvbLamp.class).findFirst().orElseThrow();
    Enclosure alone = e.with(e.furnishings().withParts(List.of()));
    if (UvField.strength(alone, lamp, date, place, NEAREST_CM) < uvi) {
      return OptionalDouble.empty();
    }
    for (double cm = NEAREST_CM; cm <= FARTHEST_CM; cm += STEP_CM) {
      if (UvField.strength(alone, lamp, date, place, cm) <= uvi) {
        return OptionalDouble.of(cm);
      }
    }
    return OptionalDouble.empty();
  }

  /** Whether the basking lamp shines on the same place; absent where one is not drawn. */
  public Optional<Boolean> overlaps() {
    return apartCm.isPresent()
        ? Optional.of(apartCm.getAsDouble() <= OVERLAP_CM)
        : Optional.empty();
  }

  /** Months after which the other school replaces the lamp: six or twelve. */
  public int otherSchoolMonths() {
    return need.tube().months() <= SHORT_MONTHS ? LONG_MONTHS : SHORT_MONTHS;
  }

  /**
   * One answer for every page: by the index where the lamp's strength is known, else by the rule of
   * thumb of its distance; absent where nobody knows either.
   */
  public Optional<UvVerdict> verdict(Enclosure e) {
    if (known) {
      return Optional.of(UvVerdict.byIndex(atBackUvi, need.uvi()));
    }
    return e.all(Equipment.UvbLamp.class)
        .filter(lamp -> lamp.distanceCm().isPresent())
        .min(Comparator.comparingDouble(lamp -> lamp.distanceCm().getAsDouble()))
        .map(lamp -> UvVerdict.byDistance(lamp.distanceCm().getAsDouble(), e.over(lamp)));
  }
}
