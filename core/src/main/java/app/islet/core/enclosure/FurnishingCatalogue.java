package app.islet.core.enclosure;

import app.islet.core.enclosure.FreePlaces.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What parts are taken from: each comes in a size and place to start from, is named after its kind,
 * and is copied or put away again.
 *
 * <p>The sizes are common practice, no source; every one of them is meant to be changed.
 */
public final class FurnishingCatalogue {
  private static final double COPY_ASIDE_CM = 3;

  /** Over the rim, for lamps and what blows. */
  private static final double OVER_RIM_CM = 5;

  private static final double LAMP_CM = 10;

  private FurnishingCatalogue() {}

  /** The design with one more part of that kind. */
  public static Enclosure added(Enclosure e, FurnishingKind kind) {
    return with(e, fresh(e, kind));
  }

  /** The same thing once more, beside the first. */
  public static Enclosure copied(Enclosure e, String id) {
    Enclosure copied = e;
    for (Furnishing part : e.furnishings().parts()) {
      if (part.id().equals(id)) {
        Furnishing copy = part.named(freeId(copied, part.kind()));
        copied = with(copied, beside(copied, copy).orElseGet(() -> aside(e, copy)));
      }
    }
    return copied;
  }

  /** A little over the first, so that both are seen, where nothing is free. */
  private static Furnishing aside(Enclosure e, Furnishing copy) {
    return copy.at(
        aside(copy.xCm(), copy.lengthCm(), e.vessel().lengthCm()),
        aside(copy.yCm(), copy.widthCm(), e.vessel().widthCm()));
  }

  /** To the other side where it would stick out of the vessel; not at all where it fills it. */
  private static double aside(double fromCm, double sizeCm, double roomCm) {
    if (fromCm + COPY_ASIDE_CM + sizeCm <= roomCm) {
      return fromCm + COPY_ASIDE_CM;
    }
    return fromCm >= COPY_ASIDE_CM ? fromCm - COPY_ASIDE_CM : fromCm;
  }

  public static Enclosure removed(Enclosure e, String id) {
    Predicate<Furnishing> goes = part -> part.id().equals(id);
    return e.with(
        e.furnishings()
            .withParts(e.furnishings().parts().stream().filter(Predicate.not(goes)).toList()));
  }

  private static Enclosure with(Enclosure e, Furnishing part) {
    List<Furnishing> parts = new ArrayList<>(e.furnishings().parts());
    parts.add(part);
    return e.with(e.furnishings().withParts(parts));
  }

  /** A name no part of the design has. */
  public static String freeId(Enclosure e, FurnishingKind kind) {
    String stem = kind.name().toLowerCase(Locale.ROOT).replace('_', '-') + "-";
    for (int n = 1; ; n++) {
      String id = stem + n;
      if (e.furnishings().parts().stream().noneMatch(p -> p.id().equals(id))) {
        return id;
      }
    }
  }

  private static Furnishing fresh(Enclosure e, FurnishingKind kind) {
    double length = e.vessel().lengthCm();
    double width = e.vessel().widthCm();
    double rim = e.vessel().heightCm();
    double ground = e.ground().depthCm();
    double line = e.waterLineCm();
    double part = whole(length * 0.2);
    double deep = whole(width * 0.4);
    double tall = whole(rim * 0.2);
    double under = Math.max(ground + 1, line);
    return switch (kind) {
      case SHELF ->
          block(e, kind, part, deep, Math.max(ground, line - 4), Math.max(ground + 1, line - 2));
      case FLOAT, FLOATING_PLANTS -> block(e, kind, part, deep, 0, 2);
      case RAMP, NET -> ramp(e, kind, part, deep, ground, Math.max(ground + 1, line + 2));
      case PLANTS -> block(e, kind, part, deep, ground, under);
      case BACK_WALL -> at(e, kind, 0, 0, length, 3, ground, Math.max(ground + 1, rim));
      case PARTITION -> at(e, kind, whole(length / 2), 0, 0.6, width, 0, rim);
      case BASKING_BOX ->
          at(e, kind, length - whole(length * 0.4), 0, whole(length * 0.4), width, rim, rim + 30);
      case SLOPE ->
          at(
              e,
              kind,
              length - whole(length * 0.3),
              0,
              whole(length * 0.3),
              width,
              ground,
              Math.max(ground + 1, line + 2));
      default ->
          kind.isDevice()
              ? besideOrThere(e, device(e, kind))
              : block(e, kind, part, deep, ground, ground + tall);
    };
  }

  private static Furnishing device(Enclosure e, FurnishingKind kind) {
    double length = e.vessel().lengthCm();
    double width = e.vessel().widthCm();
    double rim = e.vessel().heightCm();
    double ground = e.ground().depthCm();
    double line = e.waterLineCm();
    return switch (kind) {
      case HEATER ->
          at(
              e,
              kind,
              2,
              2,
              3,
              3,
              ground + 2,
              Math.max(ground + 3, Math.min(line - 2, ground + 27)));
      case FILTER ->
          at(e, kind, 8, 1, 10, 8, ground, Math.max(ground + 1, Math.min(line, ground + 25)));
      case INTAKE -> at(e, kind, 2, 8, 3, 3, ground + 2, ground + 8);
      case SPRAY_BAR ->
          at(e, kind, 2, 1, Math.min(30, length - 4), 2, Math.max(0, line - 1), line + 1);
      case AIR_STONE -> at(e, kind, 4, width - 6, 3, 3, ground, ground + 3);
      case CHILLER_LOOP -> at(e, kind, 2, 12, 2, 2, ground + 2, rim);
      case FAN -> at(e, kind, 2, whole(width * 0.3), 6, 12, rim, rim + 12);
      case HEAT_MAT -> at(e, kind, 0, 0, whole(length * 0.3), whole(width * 0.6), 0, 0.5);
      case BASKING_LAMP, UVB_LAMP -> lamp(e, kind);
      case PROBE ->
          at(
              e,
              kind,
              whole(length * 0.7),
              1,
              1,
              1,
              Math.max(0, ground + (line - ground) / 2),
              Math.max(0, ground + (line - ground) / 2) + 3);
      default -> throw new IllegalArgumentException(kind + " is no device");
    };
  }

  /** Over the place out of the water, where there is one. */
  private static Furnishing lamp(Enclosure e, FurnishingKind kind) {
    double length = e.vessel().lengthCm();
    double width = e.vessel().widthCm();
    double rim = e.vessel().heightCm();
    Optional<Box> rest = Rests.place(e);
    if (kind == FurnishingKind.BASKING_LAMP) {
      return at(
          e,
          kind,
          rest.map(r -> r.x() + r.length() / 2).orElse(whole(length * 0.8)) - LAMP_CM / 2,
          rest.map(r -> r.y() + r.width() / 2).orElse(whole(width / 2)) - LAMP_CM / 2,
          LAMP_CM,
          LAMP_CM,
          rim + OVER_RIM_CM,
          rim + OVER_RIM_CM + 15);
    }
    double tube = whole(length * 0.55);
    return at(
        e,
        kind,
        rest.map(r -> r.x() + (r.length() - tube) / 2).orElse(whole(length * 0.4)),
        whole(width * 0.3),
        tube,
        4,
        rim + 1,
        rim + 4);
  }

  private static double whole(double cm) {
    return Math.max(1, Math.round(cm));
  }

  /**
   * A block on the ground where nothing else is, as near as can be to the middle: in the water
   * where there is some, else on the land.
   */
  private static Furnishing block(
      Enclosure e, FurnishingKind kind, double length, double width, double bottom, double top) {
    double along = Math.max(2, length);
    double wide = Math.max(2, width);
    double foot = footOfLand(e);
    boolean inWater = e.land().isEmpty() || foot >= along;
    Box zone = inWater ? new Box(0, 0, foot, e.vessel().widthCm()) : whole(e);
    double lift =
        inWater || kind.floats()
            ? 0
            : Math.max(0, e.land().map(Land::heightCm).orElse(0.0) - e.ground().depthCm());
    Furnishing part = at(e, kind, 0, 0, along, wide, bottom + lift, top + lift);
    return FreePlaces.around(e, part)
        .free(zone, Math.min(along, zone.length()), Math.min(wide, zone.width()), 0.5, 0.5)
        .map(place -> part.at(place.x(), place.y()))
        .orElseGet(() -> part.at(Math.round(zone.length() * 0.4), Math.round(zone.width() * 0.3)));
  }

  /** Where the land begins; the right end where there is none. */
  private static double footOfLand(Enclosure e) {
    return e.vessel().lengthCm() * (1 - e.land().map(Land::sharePercent).orElse(0.0) / 100);
  }

  private static Box whole(Enclosure e) {
    return new Box(0, 0, e.vessel().lengthCm(), e.vessel().widthCm());
  }

  /** Up to the place out of the water; into the middle where there is none. */
  private static Furnishing ramp(
      Enclosure e, FurnishingKind kind, double length, double width, double bottom, double top) {
    Optional<Box> rest = Rests.withoutRamp(e);
    if (rest.isEmpty()) {
      return block(e, kind, length, width, bottom, top);
    }
    Box to = rest.get();
    double wide = Math.min(width, to.width());
    double y = to.y() + (to.width() - wide) / 2;
    boolean fromRight = to.x() < length;
    Furnishing ramp =
        at(
            e,
            kind,
            fromRight ? to.x() + to.length() : to.x() - length,
            y,
            length,
            wide,
            bottom,
            top);
    return besideOrThere(e, fromRight ? ramp.risingToLeft() : ramp);
  }

  /** Beside what is there already, as near as can be to where it would be alone. */
  private static Optional<Furnishing> beside(Enclosure e, Furnishing part) {
    double roomX = e.vessel().lengthCm() - part.spanX();
    double roomY = e.vessel().widthCm() - part.spanY();
    return FreePlaces.around(e, part)
        .free(
            whole(e),
            part.spanX(),
            part.spanY(),
            roomX > 0 ? part.leftCm() / roomX : 0,
            roomY > 0 ? part.backCm() / roomY : 0)
        .map(
            place ->
                part.at(
                    place.x() + (part.spanX() - part.lengthCm()) / 2,
                    place.y() + (part.spanY() - part.widthCm()) / 2));
  }

  private static Furnishing besideOrThere(Enclosure e, Furnishing part) {
    return beside(e, part).orElse(part);
  }

  private static Furnishing at(
      Enclosure e,
      FurnishingKind kind,
      double x,
      double y,
      double length,
      double width,
      double bottom,
      double top) {
    boolean round = kind == FurnishingKind.STONE || kind == FurnishingKind.PLANTS;
    // A small tub may be smaller than the thing as sold.
    double fitsLength = Math.min(length, e.vessel().lengthCm());
    double fitsWidth = Math.min(width, e.vessel().widthCm());
    return new Furnishing(
        freeId(e, kind),
        kind,
        Math.max(0, Math.min(x, e.vessel().lengthCm() - fitsLength)),
        Math.max(0, Math.min(y, e.vessel().widthCm() - fitsWidth)),
        fitsLength,
        fitsWidth,
        bottom,
        top,
        round,
        false,
        false);
  }
}
