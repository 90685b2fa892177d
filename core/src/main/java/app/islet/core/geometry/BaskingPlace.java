package app.islet.core.geometry;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where lamps are aimed at: the middle of the dry place that an animal lies on.
 *
 * @param xCm from the left, {@code yCm} from the back, {@code heightCm} over the floor
 */
public record BaskingPlace(double xCm, double yCm, double heightCm) {
  /** How far a floating dock's top stands over the line; common practice, no source. */
  private static final double DOCK_CM = 2;

  /**
   * The dry place nearest to the basking lamp where that is drawn, else the platform, else the
   * land; none where nothing is dry.
   */
  public static Optional<BaskingPlace> of(Enclosure e, Geometry s) {
    List<BaskingPlace> dry = new ArrayList<>();
    BaskingPlatform.parts(e).stream()
        .filter(p -> p.kind() == FurnishingKind.FLOAT)
        .forEach(p -> dry.add(new BaskingPlace(p.midX(), p.midY(), s.lineCm() + DOCK_CM)));
    e.furnishings().parts().stream()
        .filter(p -> p.kind().carries() && top(p, s) > s.lineCm())
        .forEach(p -> dry.add(new BaskingPlace(p.midX(), p.midY(), top(p, s))));
    if (e.land().isPresent() && s.dryLandCm2() > 0) {
      dry.add(
          new BaskingPlace(
              (s.shoreX() + e.vessel().lengthCm()) / 2,
              e.vessel().widthCm() / 2,
              Math.max(s.lineCm(), e.land().get().heightCm())));
    }
    Optional<Furnishing> lamp =
        e.furnishings().parts().stream()
            .filter(p -> p.kind() == FurnishingKind.BASKING_LAMP)
            .findFirst();
    return lamp.isEmpty()
        ? dry.stream().findFirst()
        : dry.stream().min(Comparator.comparingDouble(place -> place.asideOf(lamp.get())));
  }

  private static double top(Furnishing part, Geometry s) {
    // One lies on the floor of a box over the rim, not on its edge.
    return part.kind().form() == FurnishingKind.Form.TRAY
        ? part.bottomCm()
        : part.topAt(part.midX(), part.midY(), s.lineCm());
  }

  private double asideOf(Furnishing lamp) {
    return Math.hypot(lamp.midX() - xCm, lamp.midY() - yCm);
  }
}
