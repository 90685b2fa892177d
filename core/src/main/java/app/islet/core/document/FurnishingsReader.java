package app.islet.core.document;

import app.islet.core.care.Plant;
import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Stones;
import app.islet.core.enclosure.Vessel;
import app.islet.core.text.Fields;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads what stands in the box. */
final class FurnishingsReader {
  private static final int MAX_PARTS = 200;

  private FurnishingsReader() {}

  static Furnishings read(Fields f) {
    return new Furnishings(
        f.optionalGroup(
            "hides",
            h ->
                new Hides(
                    h.whole("count", 1, 500, ""),
                    h.optionalNumber("openingCm", DesignLimits.HIDE_OPENING).orElse(0))),
        f.optionalGroup(
            "stones",
            x ->
                new Stones(
                    x.number("topCm", DesignLimits.STONES_TOP),
                    x.optionalNumber("gapCm", DesignLimits.STONES_GAP).orElse(0),
                    x.choice("footing", Stones.Footing.class))),
        f.texts("plants", 40).stream().flatMap(id -> plant(f, id).stream()).toList(),
        f.groups(
            "dishes",
            20,
            d ->
                new Dish(
                    d.number("depthCm", DesignLimits.DISH_DEPTH),
                    d.optionalNumber("salinityPpt", DesignLimits.SALINITY).orElse(0),
                    d.flag("slope", false),
                    d.optionalNumber("areaCm2", DesignLimits.DISH_AREA),
                    d.optionalNumber("xCm", 0, Vessel.MAX_CM, "cm"),
                    d.optionalNumber("yCm", 0, Vessel.MAX_CM, "cm"))),
        f.whole("furtherWaysOut", 0, 100, "", 0),
        parts(f),
        f.whole("spareShells", 0, 1000, "", 0));
  }

  private static List<Furnishing> parts(Fields f) {
    List<Furnishing> parts = f.groups("parts", MAX_PARTS, FurnishingsReader::part);
    Set<String> ids = new HashSet<>();
    parts.stream()
        .map(Furnishing::id)
        .filter(id -> !ids.add(id))
        .distinct()
        .forEach(
            id ->
                f.problem(
                    "parts",
                    "two parts are called \"%s\"; each needs an id of its own".formatted(id)));
    return parts;
  }

  private static Furnishing part(Fields f) {
    return new Furnishing(
        f.text("id", 40),
        f.choice("kind", FurnishingKind.class),
        f.number("xCm", DesignLimits.PART_PLACE),
        f.number("yCm", DesignLimits.PART_PLACE),
        f.number("lengthCm", DesignLimits.PART_SIDE),
        f.number("widthCm", DesignLimits.PART_SIDE),
        f.number("bottomCm", DesignLimits.PART_HEIGHT),
        f.number("topCm", DesignLimits.STONES_TOP),
        f.optionalNumber("turnDeg", DesignLimits.PART_TURN).orElse(0),
        f.flag("round", false),
        f.flag("risesLeft", false),
        f.flag("locked", false));
  }

  private static Optional<Plant> plant(Fields f, String id) {
    Optional<Plant> plant = Plant.find(id);
    if (plant.isEmpty()) {
      f.problem(
          "plants",
          "there is no plant \"%s\"; there are: %s"
              .formatted(id, ids(Plant.all().stream().map(Plant::id))));
    }
    return plant;
  }

  static String ids(Stream<String> all) {
    return all.sorted().collect(Collectors.joining(", "));
  }
}
