package app.islet.web.page.design.build;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Additives;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Conditions;
import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Purpose;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Walls;
import app.islet.core.enclosure.Water;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** The design as a form: a design into typed words, and typed words into a design. */
final class DesignForm {
  private static final double MAX = Vessel.MAX_CM;

  private DesignForm() {}

  /**
   * A group of fields under a heading: {@code section.<name>} in the catalogue.
   *
   * @param things what in the drawing it is about, apart by blanks
   * @param main whether it is shown while nothing is chosen in the drawing
   */
  record Section(String title, String things, boolean main, List<Field> fields) {
    /** The group shown first. */
    static Section main(String name, String things, List<Field> fields) {
      return new Section(Messages.text("section." + name), things, true, fields);
    }

    static Section of(String name, String things, List<Field> fields) {
      return new Section(Messages.text("section." + name), things, false, fields);
    }

    /** Folded away, but where something in it is wrong. */
    public boolean isOpen() {
      return main || fields.stream().anyMatch(f -> f.error() != null);
    }
  }

  /** What the form shows for a saved design. */
  static Map<String, String> typed(Enclosure e, UnitSystem units) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("name", e.name());
    typed.putAll(SubstrateForm.typed(e.ground()));
    typed.put("shape", e.vessel().shape().name());
    typed.put("purpose", e.purpose().name());
    typed.put("lid", e.lid().name());
    typed.put("braced", e.vessel().walls().braced() ? "on" : "");
    e.platform().ifPresent(p -> typed.put("platform", "on"));
    e.land().flatMap(Land::material).ifPresent(m -> typed.put("landMaterial", m.name()));
    e.land().filter(Land::litter).ifPresent(l -> typed.put("landLitter", "on"));
    first(e, Equipment.Heater.class).ifPresent(h -> typed.put("guarded", h.guarded() ? "on" : ""));
    first(e, Equipment.Filter.class)
        .flatMap(Equipment.Filter::runningSince)
        .ifPresent(day -> typed.put("filterSince", day.toString()));
    first(e, Equipment.Filter.class)
        .ifPresent(
            f -> {
              typed.put("filterGuarded", f.guarded() ? "on" : "");
              typed.put("sprayBar", f.sprayBar() ? "on" : "");
            });
    if (e.has(Equipment.AirStone.class)) {
      typed.put("airStone", "on");
    }
    typed.putAll(FurnishingForm.typed(e));
    typed.putAll(CompanyForm.typed(e));
    first(e, Equipment.UvbLamp.class)
        .ifPresent(
            l -> {
              typed.put("uvb", "on");
              typed.put("uvbShape", l.shape().name());
              l.through().ifPresent(lid -> typed.put("uvbThrough", lid.name()));
            });
    first(e, Equipment.UvbLamp.class)
        .flatMap(Equipment.UvbLamp::fittedOn)
        .ifPresent(day -> typed.put("uvbFitted", day.toString()));
    numbers(e)
        .forEach((id, number) -> typed.put(id, Form.shown(number.si(), number.dimension(), units)));
    return typed;
  }

  /**
   * The numbers of a design by the field they stand in, exact: a field left as it was shown means
   * just that number.
   */
  private static Map<String, Quantity> numbers(Enclosure e) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    numbers.put("length", Quantity.cm(e.vessel().lengthCm()));
    numbers.put("width", Quantity.cm(e.vessel().widthCm()));
    numbers.put("height", Quantity.cm(e.vessel().heightCm()));
    if (e.vessel().floorShare() < 1) {
      numbers.put("floorShare", Quantity.percent(100 * e.vessel().floorShare()));
    }
    numbers.put("depth", Quantity.cm(e.water().depthCm()));
    e.water().restBelowSurfaceCm().ifPresent(cm -> numbers.put("rest", Quantity.cm(cm)));
    if (e.water().salinityPpt() > 0) {
      numbers.put("salt", new Quantity(Dimension.SALINITY, e.water().salinityPpt()));
    }
    numbers.putAll(SubstrateForm.numbers(e.ground()));
    e.vessel().walls().paneMm().ifPresent(mm -> numbers.put("pane", Quantity.mm(mm)));
    e.vessel().walls().lipCm().ifPresent(cm -> numbers.put("lip", Quantity.cm(cm)));
    e.vessel().walls().insulationMm().ifPresent(mm -> numbers.put("insulation", Quantity.mm(mm)));
    e.land()
        .ifPresent(
            l -> {
              numbers.put("landShare", Quantity.percent(l.sharePercent()));
              numbers.put("landHeight", Quantity.cm(l.heightCm()));
              numbers.put("ramp", Quantity.cm(l.rampCm()));
            });
    e.platform()
        .ifPresent(
            p -> {
              numbers.put("platformLength", Quantity.cm(p.lengthCm()));
              numbers.put("platformWidth", Quantity.cm(p.widthCm()));
            });
    putDevices(e, numbers);
    numbers.putAll(FurnishingForm.numbers(e));
    numbers.putAll(CompanyForm.numbers(e));
    return numbers;
  }

  private static void putDevices(Enclosure e, Map<String, Quantity> numbers) {
    first(e, Equipment.Heater.class)
        .ifPresent(h -> numbers.put("heater", Quantity.watts(h.powerW())));
    first(e, Equipment.HeatMat.class)
        .ifPresent(m -> numbers.put("mat", Quantity.watts(m.powerW())));
    first(e, Equipment.Chiller.class)
        .ifPresent(c -> numbers.put("chiller", Quantity.watts(c.coolingW())));
    first(e, Equipment.Fan.class)
        .ifPresent(f -> numbers.put("fan", new Quantity(Dimension.RATIO, f.airSpeedMs())));
    first(e, Equipment.Filter.class)
        .ifPresent(f -> numbers.put("filter", Quantity.litresPerHour(f.flowLph())));
    first(e, Equipment.BaskingLamp.class)
        .ifPresent(
            l -> {
              numbers.put("lamp", Quantity.watts(l.powerW()));
              l.spotC().ifPresent(c -> numbers.put("spot", Quantity.celsius(c)));
              l.beamDeg().ifPresent(d -> numbers.put("beam", Quantity.degrees(d)));
              l.distanceCm().ifPresent(cm -> numbers.put("lampDistance", Quantity.cm(cm)));
            });
    first(e, Equipment.UvbLamp.class)
        .ifPresent(
            l -> {
              l.distanceCm().ifPresent(cm -> numbers.put("uvbDistance", Quantity.cm(cm)));
              l.uviAt30Cm()
                  .ifPresent(uvi -> numbers.put("uvi30", new Quantity(Dimension.RATIO, uvi)));
              l.readUvi()
                  .ifPresent(uvi -> numbers.put("uviRead", new Quantity(Dimension.RATIO, uvi)));
            });
  }

  /**
   * The design the form describes, or nothing, with the reasons in {@code form}. Devices the form
   * has no field for stay.
   */
  static Optional<Enclosure> read(Form form, Enclosure base) {
    form.keepExact(numbers(base));
    String name = form.text("name", 80, "a name");
    double length = form.number("length", DesignLimits.VESSEL_SIDE);
    double width = form.number("width", DesignLimits.VESSEL_SIDE);
    double height = form.number("height", DesignLimits.VESSEL_SIDE);
    Vessel.Shape shape = form.choice("shape", Vessel.Shape.class, Vessel.Shape.BOX);
    double floorShare = form.optional("floorShare", Dimension.PERCENT, 20, 100).orElse(100) / 100;
    if (floorShare < 1 && shape != Vessel.Shape.BOX && shape != Vessel.Shape.OVAL) {
      form.refuse("floorShare", "Only rectangular and oval vessels have sloping sides here.");
    }
    double depth = form.number("depth", DesignLimits.WATER_DEPTH);
    OptionalDouble rest = form.optional("rest", DesignLimits.REST);
    double salt = form.optional("salt", DesignLimits.SALINITY).orElse(0);
    Walls walls = walls(form);
    Substrate ground = SubstrateForm.read(form, height);
    Optional<Land> land = land(form);
    Optional<Platform> platform =
        form.flag("platform")
            ? Optional.of(
                new Platform(
                    form.number("platformLength", DesignLimits.PLATFORM_SIDE),
                    form.number("platformWidth", DesignLimits.PLATFORM_SIDE)))
            : Optional.empty();
    List<Equipment> equipment = equipment(form, base);
    Lid lid = form.choice("lid", Lid.class, Lid.NONE);
    Chemistry chemistry = FurnishingForm.chemistry(form);
    Furnishings furnishings = FurnishingForm.furnishings(form, base.furnishings());
    Conditions conditions = FurnishingForm.conditions(form, base.conditions());
    Additives additives = CompanyForm.additives(form);
    List<Companion> company = CompanyForm.company(form, base.company());
    if (!form.hasErrors()) {
      refuseWhatDoesNotFit(form, height, depth, ground, land);
    }
    return form.hasErrors()
        ? Optional.empty()
        : Optional.of(
            new Enclosure(
                name,
                new Vessel(shape, length, width, height, floorShare, walls),
                new Water(
                    depth,
                    rest,
                    salt,
                    chemistry,
                    base.water().source(),
                    base.water().handling(),
                    additives),
                ground,
                land,
                lid,
                platform,
                equipment,
                furnishings,
                conditions,
                base.site(),
                company,
                form.choice("purpose", Purpose.class, base.purpose())));
  }

  private static Walls walls(Form form) {
    return new Walls(
        form.optional("pane", DesignLimits.PANE),
        form.flag("braced"),
        form.optional("lip", DesignLimits.VESSEL_LIP),
        form.optional("insulation", DesignLimits.INSULATION));
  }

  private static void refuseWhatDoesNotFit(
      Form form, double height, double depth, Substrate ground, Optional<Land> land) {
    if (ground.depthCm() + depth > height + 1e-9) {
      form.refuse(
          "depth",
          "Ground and water together would stand %s, above the rim at %s. At most %s over this ground."
              .formatted(
                  text(ground.depthCm() + depth, form),
                  text(height, form),
                  text(Math.max(0, height - ground.depthCm()), form)));
    }
    if (land.isPresent() && land.get().heightCm() > height + 1e-9) {
      form.refuse(
          "landHeight", "The land would stand above the rim at %s.".formatted(text(height, form)));
    }
  }

  private static Optional<Land> land(Form form) {
    OptionalDouble share = form.optional("landShare", Dimension.PERCENT, 0, 100);
    OptionalDouble height = form.optional("landHeight", DesignLimits.LAND_HEIGHT);
    OptionalDouble ramp = form.optional("ramp", DesignLimits.LAND_RAMP);
    if (share.orElse(0) == 0) {
      return Optional.empty();
    }
    if (share.getAsDouble() < 1) {
      form.refuse("landShare", "Give 1 to 100 %, or leave it empty for no land.");
    }
    if (height.isEmpty()) {
      form.refuse("landHeight", "Say how high the land stands above the tank's floor.");
    }
    return Optional.of(
        new Land(
            Math.max(1, share.getAsDouble()),
            height.orElse(0),
            ramp.orElse(0),
            form.typed("landMaterial").isEmpty()
                ? Optional.empty()
                : Optional.of(
                    form.choice("landMaterial", SubstrateMaterial.class, SubstrateMaterial.SOIL)),
            form.flag("landLitter")));
  }

  private static List<Equipment> equipment(Form form, Enclosure base) {
    List<Equipment> list = new ArrayList<>();
    form.optional("heater", DesignLimits.HEATER)
        .ifPresent(w -> list.add(new Equipment.Heater(w, form.flag("guarded"))));
    form.optional("mat", DesignLimits.HEAT_MAT).ifPresent(w -> list.add(new Equipment.HeatMat(w)));
    form.optional("chiller", DesignLimits.CHILLER)
        .ifPresent(w -> list.add(new Equipment.Chiller(w)));
    form.optional("fan", DesignLimits.FAN).ifPresent(v -> list.add(new Equipment.Fan(v)));
    Optional<LocalDate> since = form.date("filterSince");
    form.optional("filter", DesignLimits.FILTER)
        .ifPresent(
            flow ->
                list.add(
                    new Equipment.Filter(
                        flow, since, form.flag("filterGuarded"), form.flag("sprayBar"))));
    OptionalDouble spot = form.optional("spot", DesignLimits.LAMP_SPOT);
    OptionalDouble beam = form.optional("beam", DesignLimits.LAMP_BEAM);
    OptionalDouble lampDistance = form.optional("lampDistance", DesignLimits.LAMP_DISTANCE);
    form.optional("lamp", DesignLimits.LAMP)
        .ifPresent(w -> list.add(new Equipment.BaskingLamp(w, spot, beam, lampDistance)));
    Optional<LocalDate> fitted = form.date("uvbFitted");
    OptionalDouble distance = form.optional("uvbDistance", DesignLimits.LAMP_DISTANCE);
    if (form.flag("uvb")) {
      list.add(
          new Equipment.UvbLamp(
              fitted,
              distance,
              form.choice("uvbShape", UvShape.class, UvShape.LINEAR),
              form.optional("uvi30", DesignLimits.UV_INDEX),
              form.optional("uviRead", DesignLimits.UV_INDEX),
              form.typed("uvbThrough").isEmpty()
                  ? Optional.empty()
                  : Optional.of(form.choice("uvbThrough", Lid.class, Lid.NONE))));
    }
    if (form.flag("airStone")) {
      list.add(new Equipment.AirStone());
    }
    base.equipment().stream()
        .filter(device -> first(base, device.getClass()).orElseThrow() != device)
        .forEach(list::add);
    return list;
  }

  static List<Section> sections(Form form) {
    List<Section> all = new ArrayList<>(BasicsForm.sections(form));
    all.addAll(FurnishingForm.sections(form));
    all.addAll(CompanyForm.sections(form));
    return all;
  }

  static <E extends Enum<E>> List<Field.Option> options(E[] values, Function<E, String> words) {
    return Arrays.stream(values).map(v -> new Field.Option(v.name(), words.apply(v))).toList();
  }

  private static <E extends Equipment> Optional<E> first(Enclosure e, Class<E> kind) {
    return e.all(kind).findFirst();
  }

  private static String text(double cm, Form form) {
    return Quantity.cm(cm).text(form.units());
  }
}
