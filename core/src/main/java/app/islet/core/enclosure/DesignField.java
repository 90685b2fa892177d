package app.islet.core.enclosure;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A number of a design that can be set by itself: by a remedy, or in the field of a form.
 *
 * <p>The pointer is the place in an enclosure document; that of a device means the first of its
 * kind, and one is fitted where there is none. The key names the field in forms and in links.
 */
public enum DesignField {
  LENGTH("/vessel/lengthCm", "length") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Vessel v = e.vessel();
      return e.with(v.sized(cm, v.widthCm(), v.heightCm()));
    }
  },
  WIDTH("/vessel/widthCm", "width") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Vessel v = e.vessel();
      return e.with(v.sized(v.lengthCm(), cm, v.heightCm()));
    }
  },
  HEIGHT("/vessel/heightCm", "height") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Vessel v = e.vessel();
      return e.with(v.sized(v.lengthCm(), v.widthCm(), cm));
    }
  },
  INSULATION("/vessel/insulationMm", "insulation") {
    @Override
    Enclosure set(Enclosure e, double mm) {
      return e.with(e.vessel().with(e.vessel().walls().insulated(OptionalDouble.of(mm))));
    }
  },
  WATER_DEPTH("/water/depthCm", "depth") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(e.water().withDepthCm(cm));
    }
  },
  REST("/water/restBelowSurfaceCm", "rest") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(e.water().withRestBelowSurfaceCm(cm));
    }
  },
  SALINITY("/water/salinityPpt", "salt") {
    @Override
    Enclosure set(Enclosure e, double ppt) {
      return e.with(e.water().withSalinityPpt(ppt));
    }
  },
  SUBSTRATE_DEPTH("/ground/depthCm", "groundDepth") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(e.ground().withDepthCm(cm));
    }
  },
  LAND_SHARE("/land/sharePercent", "landShare") {
    @Override
    Enclosure set(Enclosure e, double percent) {
      return e.with(landOf(e).withSharePercent(percent));
    }
  },
  LAND_HEIGHT("/land/heightCm", "landHeight") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(landOf(e).withHeightCm(cm));
    }
  },
  LAND_RAMP("/land/rampCm", "ramp") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(landOf(e).withRampCm(cm));
    }
  },
  /** The platform as a square of that side. */
  PLATFORM("/platform/sideCm", "platformLength") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(new Platform(cm, cm));
    }
  },
  HIDES("/furnishings/hides/count", "hides") {
    @Override
    Enclosure set(Enclosure e, double count) {
      return e.with(e.furnishings().with(new Hides((int) count, hidesOf(e).openingCm())));
    }
  },
  HIDE_OPENING("/furnishings/hides/openingCm", "hideOpening") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(e.furnishings().with(new Hides(hidesOf(e).count(), cm)));
    }
  },
  STONES_TOP("/furnishings/stones/topCm", "stonesTop") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Stones stones = stonesOf(e);
      return e.with(e.furnishings().with(new Stones(cm, stones.gapCm(), stones.footing())));
    }
  },
  STONES_GAP("/furnishings/stones/gapCm", "stonesGap") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Stones stones = stonesOf(e);
      return e.with(e.furnishings().with(new Stones(stones.topCm(), cm, stones.footing())));
    }
  },
  FURTHER_WAYS_OUT("/furnishings/furtherWaysOut", "waysOut") {
    @Override
    Enclosure set(Enclosure e, double count) {
      return e.with(e.furnishings().withFurtherWaysOut((int) count));
    }
  },
  HUMIDITY("/conditions/humidityPercent", "humidity") {
    @Override
    Enclosure set(Enclosure e, double percent) {
      return e.with(e.conditions().withHumidityPercent(percent));
    }
  },
  LIGHT_HOURS("/conditions/lightHours", "lightHours") {
    @Override
    Enclosure set(Enclosure e, double hours) {
      return e.with(e.conditions().withLightHours(hours));
    }
  },
  LID_GAP("/conditions/lidGapCm", "lidGap") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      return e.with(e.conditions().withLidGapCm(cm));
    }
  },
  LOSS_FACTOR("/conditions/lossFactor", "") {
    @Override
    Enclosure set(Enclosure e, double factor) {
      Calibration known = e.conditions().calibration();
      return e.with(e.conditions().with(new Calibration(factor, known.evaporationFactor())));
    }
  },
  EVAPORATION_FACTOR("/conditions/evaporationFactor", "") {
    @Override
    Enclosure set(Enclosure e, double factor) {
      Calibration known = e.conditions().calibration();
      return e.with(e.conditions().with(new Calibration(known.lossFactor(), factor)));
    }
  },
  HEATER("/equipment/heater/powerW", "heater") {
    @Override
    Enclosure set(Enclosure e, double watts) {
      return e.replacing(Equipment.Heater.class, new Equipment.Heater(watts, true));
    }
  },
  HEAT_MAT("/equipment/heat-mat/powerW", "mat") {
    @Override
    Enclosure set(Enclosure e, double watts) {
      return e.replacing(Equipment.HeatMat.class, new Equipment.HeatMat(watts));
    }
  },
  CHILLER("/equipment/chiller/coolingW", "chiller") {
    @Override
    Enclosure set(Enclosure e, double watts) {
      return e.replacing(Equipment.Chiller.class, new Equipment.Chiller(watts));
    }
  },
  FAN("/equipment/fan/airSpeedMs", "fan") {
    @Override
    Enclosure set(Enclosure e, double metresPerSecond) {
      return e.replacing(Equipment.Fan.class, new Equipment.Fan(metresPerSecond));
    }
  },
  FILTER("/equipment/filter/flowLph", "filter") {
    @Override
    Enclosure set(Enclosure e, double litresPerHour) {
      Equipment.Filter filter =
          e.first(Equipment.Filter.class)
              .map(f -> new Equipment.Filter(litresPerHour, f.runningSince(), f.guarded()))
              .orElse(new Equipment.Filter(litresPerHour, Optional.empty(), true));
      return e.replacing(Equipment.Filter.class, filter);
    }
  },
  UVB_DISTANCE("/equipment/uvb-lamp/distanceCm", "uvbDistance") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Equipment.UvbLamp lamp = e.first(Equipment.UvbLamp.class).orElse(Equipment.UvbLamp.UNKNOWN);
      return e.replacing(Equipment.UvbLamp.class, lamp.at(cm));
    }
  },
  BASKING_LAMP_DISTANCE("/equipment/basking-lamp/distanceCm", "lampDistance") {
    @Override
    Enclosure set(Enclosure e, double cm) {
      Equipment.BaskingLamp lamp =
          e.first(Equipment.BaskingLamp.class)
              .orElse(new Equipment.BaskingLamp(50, OptionalDouble.empty()));
      return e.replacing(Equipment.BaskingLamp.class, lamp.at(cm));
    }
  };

  private static final Map<String, DesignField> BY_POINTER =
      Arrays.stream(values())
          .collect(Collectors.toUnmodifiableMap(DesignField::pointer, Function.identity()));

  private final String pointer;
  private final String key;

  DesignField(String pointer, String key) {
    this.pointer = pointer;
    this.key = key;
  }

  /**
   * @throws IllegalArgumentException if a design has no such number
   */
  public static DesignField of(String pointer) {
    DesignField field = BY_POINTER.get(pointer);
    if (field == null) {
      throw new IllegalArgumentException("there is no number called " + pointer);
    }
    return field;
  }

  abstract Enclosure set(Enclosure e, double value);

  public String pointer() {
    return pointer;
  }

  /** Name of its field in the form of a design; empty where it is set on another page. */
  public String key() {
    return key;
  }

  /** Land to start from where there is none: a beach that rises just above the line. */
  private static Land landOf(Enclosure e) {
    double top = Math.min(e.vessel().heightCm(), e.waterLineCm() + 2);
    return e.land().orElse(new Land(20, top, 0));
  }

  private static Hides hidesOf(Enclosure e) {
    return e.furnishings().hides().orElse(new Hides(1, 0));
  }

  private static Stones stonesOf(Enclosure e) {
    return e.furnishings().stones().orElse(new Stones(0, 0, Stones.Footing.GLASS));
  }
}
