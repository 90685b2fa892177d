package app.islet.web.base.figure;

import java.util.Locale;

/** What a figure of a design tells. */
public enum FigureKind {
  WATER,
  WATER_SHARE,
  FLOOR,
  DRY_LAND,
  DIGGING_DEPTH,
  FREEBOARD,
  RIM_OVER_FOOTHOLD,
  WALKABLE,
  SHADE,
  SWIMMING,
  TURNING,
  DISPLACED,
  SHORELINE,
  BASKING,
  WATER_EACH,
  FLOOR_EACH,
  HIDES_EACH,
  POND_WINTER,
  POND_SUMMER,
  HEATING,
  WATER_COLDEST,
  WATER_WARMEST,
  TOP_UP,
  AIR_HEATING,
  AMMONIA,
  WEIGHT,
  PANE;

  /** Its key in the catalogue of texts. */
  public String key() {
    return "figure." + name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
