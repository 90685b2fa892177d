package app.islet.core.document;

import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.UvShape;
import app.islet.core.text.Fields;

/** Reads the devices of an enclosure document. */
final class EquipmentReader {
  private EquipmentReader() {}

  /** The kinds of device, as written in the field {@code kind}. */
  enum Kind {
    HEATER,
    HEAT_MAT,
    CHILLER,
    FAN,
    FILTER,
    BASKING_LAMP,
    UVB_LAMP,
    AIR_STONE
  }

  static Equipment device(Fields f) {
    return switch (f.choice("kind", Kind.class)) {
      case HEATER ->
          new Equipment.Heater(f.number("powerW", 1, 20_000, "W"), f.flag("guarded", false));
      case HEAT_MAT -> new Equipment.HeatMat(f.number("powerW", 1, 5000, "W"));
      case CHILLER -> new Equipment.Chiller(f.number("coolingW", 1, 50_000, "W"));
      case FAN -> new Equipment.Fan(f.number("airSpeedMs", 0.1, 5, "m/s"));
      case FILTER ->
          new Equipment.Filter(
              f.number("flowLph", 0, 100_000, "L/h"),
              f.optionalDate("runningSince"),
              f.flag("guarded", false),
              f.flag("sprayBar", false));
      case BASKING_LAMP ->
          new Equipment.BaskingLamp(
              f.number("powerW", 1, 1000, "W"),
              f.optionalNumber("spotC", 0, 120, "°C"),
              f.optionalNumber("beamDeg", 5, 160, "°"),
              f.optionalNumber("distanceCm", 1, 300, "cm"));
      case UVB_LAMP ->
          new Equipment.UvbLamp(
              f.optionalDate("fittedOn"),
              f.optionalNumber("distanceCm", 1, 300, "cm"),
              f.optionalChoice("shape", UvShape.class).orElse(UvShape.LINEAR),
              f.optionalNumber("uviAt30Cm", 0, 50, ""),
              f.optionalNumber("readUvi", 0, 50, ""),
              f.optionalChoice("through", Lid.class));
      case AIR_STONE -> new Equipment.AirStone();
    };
  }
}
