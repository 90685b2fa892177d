package app.islet.core.enclosure;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Limit;

/**
 * Between what the numbers of a design and of its animals may lie: in a document and in every form
 * alike. Beyond them somebody has mistyped.
 */
public final class DesignLimits {
  public static final Limit VESSEL_SIDE = Limit.of(Dimension.LENGTH, 1, Vessel.MAX_CM);
  public static final Limit VESSEL_LIP = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit PANE = Limit.of(Dimension.THICKNESS, 1, 100);
  public static final Limit INSULATION = Limit.of(Dimension.THICKNESS, 0, 200);
  public static final Limit WATER_DEPTH = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit REST = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit SALINITY = Limit.of(Dimension.SALINITY, 0, 45);
  public static final Limit PH = Limit.of(Dimension.RATIO, 3, 11);
  public static final Limit HARDNESS = Limit.of(Dimension.HARDNESS, 0, 60);
  public static final Limit GROUND_DEPTH = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit GRAIN = Limit.of(Dimension.THICKNESS, 0.01, 500);
  public static final Limit LAYER = Limit.of(Dimension.LENGTH, 0.1, Vessel.MAX_CM);
  public static final Limit GROUND_X = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit GROUND_RISE = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit LAND_HEIGHT = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit LAND_RAMP = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit PLATFORM_SIDE = Limit.of(Dimension.LENGTH, 1, Vessel.MAX_CM);
  public static final Limit HIDE_OPENING = Limit.of(Dimension.LENGTH, 0, 200);
  public static final Limit STONES_TOP = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit STONES_GAP = Limit.of(Dimension.LENGTH, 0, 200);
  public static final Limit DISH_DEPTH = Limit.of(Dimension.LENGTH, 0.1, 100);
  public static final Limit DISH_AREA = Limit.of(Dimension.AREA, 1, 1_000_000);
  public static final Limit PART_SIDE = Limit.of(Dimension.LENGTH, 0.1, Vessel.MAX_CM);
  public static final Limit PART_PLACE = Limit.of(Dimension.LENGTH, -Vessel.MAX_CM, Vessel.MAX_CM);
  public static final Limit PART_HEIGHT = Limit.of(Dimension.LENGTH, 0, Vessel.MAX_CM);
  public static final Limit PART_TURN = new Limit(Dimension.ANGLE, -360, 360, "degrees");
  public static final Limit HUMIDITY = Limit.of(Dimension.PERCENT, 0, 100);
  public static final Limit LIGHT_HOURS = Limit.of(Dimension.HOURS, 0, 24);
  public static final Limit LID_GAP = Limit.of(Dimension.LENGTH, 0, 100);
  public static final Limit HEATER = Limit.of(Dimension.POWER, 1, 20_000);
  public static final Limit HEAT_MAT = Limit.of(Dimension.POWER, 1, 5000);
  public static final Limit CHILLER = Limit.of(Dimension.POWER, 1, 50_000);
  public static final Limit FAN = new Limit(Dimension.RATIO, 0.1, 5, "m/s");
  public static final Limit FILTER = Limit.of(Dimension.FLOW, 0, 100_000);
  public static final Limit LAMP = Limit.of(Dimension.POWER, 1, 1000);
  public static final Limit LAMP_SPOT = Limit.of(Dimension.TEMPERATURE, 0, 120);
  public static final Limit LAMP_BEAM = Limit.of(Dimension.ANGLE, 5, 160);
  public static final Limit LAMP_DISTANCE = Limit.of(Dimension.LENGTH, 1, 300);
  public static final Limit UV_INDEX = Limit.of(Dimension.RATIO, 0, 50);
  public static final Limit ROOM_TEMPERATURE = Limit.of(Dimension.TEMPERATURE, -20, 50);
  public static final Limit SUN_HOURS = Limit.of(Dimension.HOURS, 0, 16);
  public static final Limit ANIMAL_LENGTH = Limit.of(Dimension.LENGTH, 0.1, 300);
  public static final Limit ANIMAL_MASS = Limit.of(Dimension.MASS, 0.001, 500_000);

  private DesignLimits() {}
}
