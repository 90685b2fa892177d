package app.islet.core.enclosure;

import app.islet.core.field.RecordShape;
import app.islet.core.field.Slot;
import app.islet.core.quantity.Limit;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Every field of a design that is named by itself: in a form, in what changed between two versions,
 * in a remedy.
 *
 * <p>The pointer is the place in an enclosure document; that of a device means the first of its
 * kind, and one is fitted where there is none. Type and range are those of the record's component
 * at that place. The key names the field in its form, and with the form's name its label.
 */
public enum DesignField {
  NAME("/name", "name"),
  PURPOSE("/purpose", "purpose"),
  SHAPE("/vessel/shape", "shape"),
  LENGTH(
      "/vessel/lengthCm",
      "length",
      (e, cm) -> e.with(e.vessel().sized(cm, e.vessel().widthCm(), e.vessel().heightCm()))),
  WIDTH(
      "/vessel/widthCm",
      "width",
      (e, cm) -> e.with(e.vessel().sized(e.vessel().lengthCm(), cm, e.vessel().heightCm()))),
  HEIGHT(
      "/vessel/heightCm",
      "height",
      (e, cm) -> e.with(e.vessel().sized(e.vessel().lengthCm(), e.vessel().widthCm(), cm))),
  FLOOR_SHARE("/vessel/floorShare", "floorShare"),
  PANE("/vessel/paneMm", "pane"),
  BRACED("/vessel/braced", "braced"),
  LIP("/vessel/lipCm", "lip"),
  INSULATION(
      "/vessel/insulationMm",
      "insulation",
      (e, mm) -> e.with(e.vessel().with(e.vessel().walls().insulated(OptionalDouble.of(mm))))),
  LID("/lid", "lid"),
  WATER_DEPTH("/water/depthCm", "depth", (e, cm) -> e.with(e.water().withDepthCm(cm))),
  REST(
      "/water/restBelowSurfaceCm", "rest", (e, cm) -> e.with(e.water().withRestBelowSurfaceCm(cm))),
  SALINITY("/water/salinityPpt", "salt", (e, ppt) -> e.with(e.water().withSalinityPpt(ppt))),
  SALT("/water/salt", "saltKind"),
  COPPER("/water/copperMgPerL", "copper"),
  SOURCE("/water/source", "source"),
  PH("/water/ph", "ph"),
  HARDNESS("/water/hardnessDh", "hardness"),
  SOURCE_NITRATE("/water/sourceWater/nitrateMgPerL", "source", "sourceNitrate"),
  SOURCE_PH("/water/sourceWater/ph", "source", "sourcePh"),
  SOURCE_HARDNESS("/water/sourceWater/hardnessDh", "source", "sourceHardness"),
  SOURCE_CARBONATE("/water/sourceWater/carbonateDh", "source", "sourceCarbonate"),
  CONDITIONER("/water/conditioner/ml", "source", "labelMl"),
  CONDITIONED("/water/conditioner/litres", "source", "labelL"),
  CHLORAMINE("/water/conditioner/chloramine", "source", "chloramine"),
  PROOF("/water/proof", "source", "proof"),
  SUBSTRATE("/ground/material", "material"),
  SUBSTRATE_DEPTH("/ground/depthCm", "groundDepth", (e, cm) -> e.with(e.ground().withDepthCm(cm))),
  GRAIN("/ground/grainMm", "grain"),
  MAGNET_TESTED("/ground/magnetTested", "magnetTested"),
  LAND_SHARE(
      "/land/sharePercent", "landShare", (e, share) -> e.with(landOf(e).withSharePercent(share))),
  LAND_HEIGHT("/land/heightCm", "landHeight", (e, cm) -> e.with(landOf(e).withHeightCm(cm))),
  LAND_RAMP("/land/rampCm", "ramp", (e, cm) -> e.with(landOf(e).withRampCm(cm))),
  LAND_MATERIAL("/land/material", "landMaterial"),
  LAND_LITTER("/land/litter", "landLitter"),
  /** The platform as a square of that side; a document has both sides. */
  PLATFORM("/platform/sideCm", "platformLength", (e, cm) -> e.with(new Platform(cm, cm))),
  PLATFORM_LENGTH("/platform/lengthCm", "platformLength"),
  PLATFORM_WIDTH("/platform/widthCm", "platformWidth"),
  HIDES(
      "/furnishings/hides/count",
      "hides",
      (e, n) -> e.with(e.furnishings().with(new Hides((int) n, hidesOf(e).openingCm())))),
  HIDE_OPENING(
      "/furnishings/hides/openingCm",
      "hideOpening",
      (e, cm) -> e.with(e.furnishings().with(new Hides(hidesOf(e).count(), cm)))),
  STONES_TOP(
      "/furnishings/stones/topCm",
      "stonesTop",
      (e, cm) -> stones(e, new Stones(cm, stonesOf(e).gapCm(), stonesOf(e).footing()))),
  STONES_GAP(
      "/furnishings/stones/gapCm",
      "stonesGap",
      (e, cm) -> stones(e, new Stones(stonesOf(e).topCm(), cm, stonesOf(e).footing()))),
  STONES_FOOTING("/furnishings/stones/footing", "stonesOn"),
  FURTHER_WAYS_OUT(
      "/furnishings/furtherWaysOut",
      "waysOut",
      (e, count) -> e.with(e.furnishings().withFurtherWaysOut((int) count))),
  SPARE_SHELLS("/furnishings/spareShells", "spareShells"),
  HUMIDITY(
      "/conditions/humidityPercent",
      "humidity",
      (e, percent) -> e.with(e.conditions().withHumidityPercent(percent))),
  LIGHT_HOURS(
      "/conditions/lightHours", "lightHours", (e, h) -> e.with(e.conditions().withLightHours(h))),
  LID_GAP("/conditions/lidGapCm", "lidGap", (e, cm) -> e.with(e.conditions().withLidGapCm(cm))),
  LIGHTS_ON("/conditions/lightsOnHour", "light", "onHour"),
  WINTER_LIGHT("/conditions/winterLightHours", "light", "winterHours"),
  SUMMER_LIGHT("/conditions/summerLightHours", "light", "summerHours"),
  SEASONAL_LIGHT("/conditions/seasonalLight", "light", "seasonal"),
  LOSS_FACTOR(
      "/conditions/lossFactor",
      "climate",
      "lossFactor",
      (e, times) -> calibrated(e, new Calibration(times, known(e).evaporationFactor()))),
  EVAPORATION_FACTOR(
      "/conditions/evaporationFactor",
      "climate",
      "evaporationFactor",
      (e, times) -> calibrated(e, new Calibration(known(e).lossFactor(), times))),
  HEATER("/equipment/heater/powerW", "heater", (e, w) -> fit(e, new Equipment.Heater(w, true))),
  HEATER_GUARDED("/equipment/heater/guarded", "guarded"),
  HEAT_MAT("/equipment/heat-mat/powerW", "mat", (e, w) -> fit(e, new Equipment.HeatMat(w))),
  CHILLER("/equipment/chiller/coolingW", "chiller", (e, w) -> fit(e, new Equipment.Chiller(w))),
  FAN("/equipment/fan/airSpeedMs", "fan", (e, speed) -> fit(e, new Equipment.Fan(speed))),
  FILTER(
      "/equipment/filter/flowLph",
      "filter",
      (e, lph) ->
          fit(
              e,
              e.first(Equipment.Filter.class)
                  .map(f -> new Equipment.Filter(lph, f.runningSince(), f.guarded()))
                  .orElse(new Equipment.Filter(lph, Optional.empty(), true)))),
  FILTER_GUARDED("/equipment/filter/guarded", "filterGuarded"),
  SPRAY_BAR("/equipment/filter/sprayBar", "sprayBar"),
  FILTER_SINCE("/equipment/filter/runningSince", "filterSince"),
  BASKING_LAMP("/equipment/basking-lamp/powerW", "lamp"),
  BASKING_SPOT("/equipment/basking-lamp/spotC", "spot"),
  BASKING_LAMP_DISTANCE(
      "/equipment/basking-lamp/distanceCm",
      "lampDistance",
      (e, cm) ->
          fit(
              e,
              e.first(Equipment.BaskingLamp.class)
                  .orElse(new Equipment.BaskingLamp(50, OptionalDouble.empty()))
                  .at(cm))),
  BASKING_BEAM("/equipment/basking-lamp/beamDeg", "beam"),
  UVB_SHAPE("/equipment/uvb-lamp/shape", "uvbShape"),
  UVB_THROUGH("/equipment/uvb-lamp/through", "uvbThrough"),
  UVB_FITTED("/equipment/uvb-lamp/fittedOn", "uvbFitted"),
  UVB_DISTANCE(
      "/equipment/uvb-lamp/distanceCm",
      "uvbDistance",
      (e, cm) -> fit(e, e.first(Equipment.UvbLamp.class).orElse(Equipment.UvbLamp.UNKNOWN).at(cm))),
  UV_INDEX_STATED("/equipment/uvb-lamp/uviAt30Cm", "uvi30"),
  UV_INDEX_READ("/equipment/uvb-lamp/readUvi", "uviRead"),
  SUMMER_DAY("/site/summerDayC", "room", "summerDay"),
  SUMMER_NIGHT("/site/summerNightC", "room", "summerNight"),
  WINTER_DAY("/site/winterDayC", "room", "winterDay"),
  WINTER_NIGHT("/site/winterNightC", "room", "winterNight"),
  ROOM_HUMIDITY("/site/humidityPercent", "room", "humidity"),
  RESIDUAL_CURRENT_DEVICE("/site/residualCurrentDevice", "room", "residualCurrentDevice"),
  SMALL_CHILDREN("/site/smallChildren", "room", "smallChildren"),
  SUN_HOURS("/site/sunHours", "room", "sunHours"),
  LATITUDE("/site/latitude", "room", "latitude"),
  LONGITUDE("/site/longitude", "room", "longitude"),
  OUTDOORS("/site/outdoors", "room", "outdoors");

  /** The form of the Build step. */
  private static final String DESIGN = "design";

  private static final Map<String, DesignField> BY_POINTER =
      Arrays.stream(values())
          .collect(Collectors.toUnmodifiableMap(DesignField::pointer, Function.identity()));

  /** A design with one number changed. */
  private interface Setter {
    Enclosure set(Enclosure e, double value);
  }

  private final String pointer;
  private final String form;
  private final String key;
  private final @Nullable Setter setter;

  DesignField(String pointer, String key) {
    this(pointer, DESIGN, key, null);
  }

  DesignField(String pointer, String key, Setter setter) {
    this(pointer, DESIGN, key, setter);
  }

  DesignField(String pointer, String form, String key) {
    this(pointer, form, key, null);
  }

  DesignField(String pointer, String form, String key, @Nullable Setter setter) {
    this.pointer = pointer;
    this.form = form;
    this.key = key;
    this.setter = setter;
  }

  /**
   * @throws IllegalArgumentException if a design has no such field
   */
  public static DesignField of(String pointer) {
    return find(pointer)
        .orElseThrow(() -> new IllegalArgumentException("there is no number called " + pointer));
  }

  public static Optional<DesignField> find(String pointer) {
    return Optional.ofNullable(BY_POINTER.get(pointer));
  }

  Enclosure set(Enclosure e, double value) {
    if (setter == null) {
      throw new IllegalArgumentException("%s is not set by a number alone".formatted(pointer));
    }
    return setter.set(e, value);
  }

  public String pointer() {
    return pointer;
  }

  /** Name of its field in its form. */
  public String key() {
    return key;
  }

  /** Name of the form it is in: {@code design} is the Build step's. */
  public String form() {
    return form;
  }

  public boolean isInDesignForm() {
    return form.equals(DESIGN);
  }

  /** The component it is. */
  public Slot slot() {
    return RecordShape.of(Enclosure.class).at(pointer).orElseThrow();
  }

  /** Between what the number lies. */
  public Limit limit() {
    return slot().limit().orElseThrow();
  }

  private static Calibration known(Enclosure e) {
    return e.conditions().calibration();
  }

  private static Enclosure calibrated(Enclosure e, Calibration calibration) {
    return e.with(e.conditions().with(calibration));
  }

  /** With that device in the place of all of its kind. */
  private static Enclosure fit(Enclosure e, Equipment device) {
    return e.replacing(device.getClass(), device);
  }

  /** Land to start from where there is none: a beach that rises just above the line. */
  private static Land landOf(Enclosure e) {
    double top = Math.min(e.vessel().heightCm(), e.waterLineCm() + 2);
    return e.land().orElse(new Land(20, top, 0));
  }

  private static Hides hidesOf(Enclosure e) {
    return e.furnishings().hides().orElse(new Hides(1, 0));
  }

  private static Enclosure stones(Enclosure e, Stones stones) {
    return e.with(e.furnishings().with(stones));
  }

  private static Stones stonesOf(Enclosure e) {
    return e.furnishings().stones().orElse(new Stones(0, 0, Stones.Footing.GLASS));
  }
}
