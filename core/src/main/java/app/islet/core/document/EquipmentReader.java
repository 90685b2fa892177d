package app.islet.core.document;

import app.islet.core.enclosure.DesignLimits;
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
          new Equipment.Heater(f.number("powerW", DesignLimits.HEATER), f.flag("guarded", false));
      case HEAT_MAT -> new Equipment.HeatMat(f.number("powerW", DesignLimits.HEAT_MAT));
      case CHILLER -> new Equipment.Chiller(f.number("coolingW", DesignLimits.CHILLER));
      case FAN -> new Equipment.Fan(f.number("airSpeedMs", DesignLimits.FAN));
      case FILTER ->
          new Equipment.Filter(
              f.number("flowLph", DesignLimits.FILTER),
              f.optionalDate("runningSince"),
              f.flag("guarded", false),
              f.flag("sprayBar", false));
      case BASKING_LAMP ->
          new Equipment.BaskingLamp(
              f.number("powerW", DesignLimits.LAMP),
              f.optionalNumber("spotC", DesignLimits.LAMP_SPOT),
              f.optionalNumber("beamDeg", DesignLimits.LAMP_BEAM),
              f.optionalNumber("distanceCm", DesignLimits.LAMP_DISTANCE));
      case UVB_LAMP ->
          new Equipment.UvbLamp(
              f.optionalDate("fittedOn"),
              f.optionalNumber("distanceCm", DesignLimits.LAMP_DISTANCE),
              f.optionalChoice("shape", UvShape.class).orElse(UvShape.LINEAR),
              f.optionalNumber("uviAt30Cm", DesignLimits.UV_INDEX),
              f.optionalNumber("readUvi", DesignLimits.UV_INDEX),
              f.optionalChoice("through", Lid.class));
      case AIR_STONE -> new Equipment.AirStone();
    };
  }
}
