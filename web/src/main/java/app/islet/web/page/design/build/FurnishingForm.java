package app.islet.web.page.design.build;

import app.islet.core.care.Plant;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Conditions;
import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Stones;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * The part of the design form that says what stands in the box, what was tested of the water and
 * what was measured inside.
 */
final class FurnishingForm {
  /** Sea water, for a salt pool of which nobody says how salty it is. */
  private static final double SEA_PPT = 33;

  private static final double SALT_FROM_PPT = 1;
  private static final String PLANT = "plant-";

  private FurnishingForm() {}

  /** What the fields that hold no number show for a saved design. */
  static Map<String, String> typed(Enclosure e) {
    Map<String, String> typed = new LinkedHashMap<>();
    Furnishings f = e.furnishings();
    typed.putAll(PlacedFurnishingForm.typed(e));
    e.water().chemistry().source().ifPresent(source -> typed.put("source", source.name()));
    f.stones().ifPresent(stones -> typed.put("stonesOn", stones.footing().name()));
    f.plants().forEach(plant -> typed.put(PLANT + plant.id(), "on"));
    pool(f, false).filter(Dish::slope).ifPresent(d -> typed.put("freshPoolSlope", "on"));
    pool(f, true).filter(Dish::slope).ifPresent(d -> typed.put("saltPoolSlope", "on"));
    return typed;
  }

  /** The numbers of these fields, exact. */
  static Map<String, Quantity> numbers(Enclosure e) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    Chemistry water = e.water().chemistry();
    put(numbers, "ph", Dimension.RATIO, water.ph());
    put(numbers, "hardness", Dimension.HARDNESS, water.hardnessDh());
    put(numbers, "humidity", Dimension.PERCENT, e.conditions().humidityPercent());
    put(numbers, "lightHours", Dimension.HOURS, e.conditions().lightHours());
    put(numbers, "lidGap", Dimension.LENGTH, e.conditions().lidGapCm());
    Furnishings f = e.furnishings();
    f.hides()
        .ifPresent(
            hides -> {
              numbers.put("hides", Quantity.count(hides.count()));
              numbers.put("hideOpening", Quantity.cm(hides.openingCm()));
            });
    f.stones()
        .ifPresent(
            stones -> {
              numbers.put("stonesTop", Quantity.cm(stones.topCm()));
              numbers.put("stonesGap", Quantity.cm(stones.gapCm()));
            });
    pool(f, false)
        .ifPresent(
            d -> {
              numbers.put("freshPool", Quantity.cm(d.depthCm()));
              put(numbers, "freshPoolArea", Dimension.AREA, d.areaCm2());
            });
    pool(f, true)
        .ifPresent(
            d -> {
              numbers.put("saltPool", Quantity.cm(d.depthCm()));
              put(numbers, "saltPoolArea", Dimension.AREA, d.areaCm2());
              numbers.put("saltPoolSalt", new Quantity(Dimension.SALINITY, d.salinityPpt()));
            });
    if (f.spareShells() > 0) {
      numbers.put("spareShells", Quantity.count(f.spareShells()));
    }
    if (f.furtherWaysOut() > 0) {
      numbers.put("waysOut", Quantity.count(f.furtherWaysOut()));
    }
    numbers.putAll(PlacedFurnishingForm.numbers(e));
    return numbers;
  }

  private static void put(
      Map<String, Quantity> numbers, String id, Dimension dimension, OptionalDouble value) {
    value.ifPresent(v -> numbers.put(id, new Quantity(dimension, v)));
  }

  static Chemistry chemistry(Form form) {
    return new Chemistry(
        form.optional("ph", DesignLimits.PH),
        form.optional("hardness", DesignLimits.HARDNESS),
        form.typed("source").isEmpty()
            ? Optional.empty()
            : Optional.of(form.choice("source", WaterSource.class, WaterSource.TREATED_TAP)));
  }

  /** Conditions as typed; when lights are switched and what was calibrated stays. */
  static Conditions conditions(Form form, Conditions base) {
    return new Conditions(
        form.optional("humidity", DesignLimits.HUMIDITY),
        form.optional("lightHours", DesignLimits.LIGHT_HOURS),
        form.optional("lidGap", DesignLimits.LID_GAP),
        base.lighting(),
        base.calibration());
  }

  /** Furnishings as typed; pools of which the form has no field stay. */
  static Furnishings furnishings(Form form, Furnishings base) {
    int hides = form.whole("hides", 0, 500, 0);
    double opening = form.optional("hideOpening", DesignLimits.HIDE_OPENING).orElse(0);
    OptionalDouble top = form.optional("stonesTop", DesignLimits.STONES_TOP);
    double gap = form.optional("stonesGap", DesignLimits.STONES_GAP).orElse(0);
    Stones.Footing footing = form.choice("stonesOn", Stones.Footing.class, Stones.Footing.GLASS);
    List<Dish> dishes = new ArrayList<>();
    form.optional("freshPool", DesignLimits.DISH_DEPTH)
        .ifPresent(cm -> dishes.add(dish(form, "freshPool", cm, 0, pool(base, false))));
    double salt =
        form.optional("saltPoolSalt", Dimension.SALINITY, SALT_FROM_PPT, 45).orElse(SEA_PPT);
    form.optional("saltPool", DesignLimits.DISH_DEPTH)
        .ifPresent(cm -> dishes.add(dish(form, "saltPool", cm, salt, pool(base, true))));
    base.dishes().stream()
        .filter(d -> pool(base, d.salinityPpt() >= SALT_FROM_PPT).orElseThrow() != d)
        .forEach(dishes::add);
    return new Furnishings(
        hides > 0 ? Optional.of(new Hides(hides, opening)) : Optional.empty(),
        top.isPresent()
            ? Optional.of(new Stones(top.getAsDouble(), gap, footing))
            : Optional.empty(),
        Plant.all().stream().filter(p -> form.flag(PLANT + p.id())).toList(),
        dishes,
        form.whole("waysOut", 0, 100, 0),
        PlacedFurnishingForm.read(form),
        form.whole("spareShells", 0, 1000, 0));
  }

  /** A pool as typed; where it lies stays. */
  private static Dish dish(
      Form form, String id, double depthCm, double ppt, Optional<Dish> before) {
    return new Dish(
        depthCm,
        ppt,
        form.flag(id + "Slope"),
        form.optional(id + "Area", DesignLimits.DISH_AREA),
        before.map(Dish::xCm).orElse(OptionalDouble.empty()),
        before.map(Dish::yCm).orElse(OptionalDouble.empty()));
  }

  private static Optional<Dish> pool(Furnishings f, boolean salt) {
    return f.dishes().stream().filter(d -> d.salinityPpt() >= SALT_FROM_PPT == salt).findFirst();
  }

  static List<DesignForm.Section> sections(Form form) {
    Fields fields = Fields.of(form, "design");
    return List.of(
        DesignForm.Section.of(
            "hides-stones-ways-out",
            "hides stones ways-out",
            List.of(
                fields.number("hides"),
                fields.length("hideOpening"),
                fields.length("stonesTop"),
                fields.length("stonesGap"),
                fields.select(
                    "stonesOn", DesignForm.options(Stones.Footing.values(), Stones.Footing::words)),
                fields.number("waysOut"),
                fields.number("spareShells"))),
        DesignForm.Section.of(
            "pools-beside-the-water",
            "dish",
            List.of(
                fields.length("freshPool"),
                fields.number("freshPoolArea", Dimension.AREA),
                fields.check("freshPoolSlope"),
                fields.length("saltPool"),
                fields.number("saltPoolArea", Dimension.AREA),
                fields.number("saltPoolSalt", Dimension.SALINITY),
                fields.check("saltPoolSlope"))),
        DesignForm.Section.of(
            "water-as-tested",
            "",
            Stream.concat(
                    CompanyForm.water(form).stream(),
                    Stream.of(
                        fields.select("source", sources()),
                        fields.number("ph"),
                        fields.number("hardness", Dimension.HARDNESS)))
                .toList()),
        DesignForm.Section.of(
            "measured-inside",
            "",
            List.of(
                fields.number("humidity", "%"),
                fields.number("lightHours", "h"),
                fields.length("lidGap"))),
        DesignForm.Section.of(
            "plants",
            "plants",
            Plant.all().stream()
                .map(p -> Field.of(form, PLANT + p.id(), p.name(), "checkbox", "", ""))
                .toList()));
  }

  private static List<Field.Option> sources() {
    List<Field.Option> options = new ArrayList<>(List.of(new Field.Option("", "not said")));
    Arrays.stream(WaterSource.values())
        .forEach(s -> options.add(new Field.Option(s.name(), s.words())));
    return options;
  }
}
