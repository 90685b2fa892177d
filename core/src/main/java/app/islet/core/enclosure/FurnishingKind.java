package app.islet.core.enclosure;

import app.islet.core.care.Surface;
import app.islet.core.text.Worded;

/**
 * Things that are put into an enclosure.
 *
 * <p>Densities are common practice, no source: stone 2.6, waterlogged wood 1.1, cork 0.25, moist
 * soil 1.2, wet sand 1.9 kg/L.
 */
public enum FurnishingKind implements Worded {
  STONE("stone", Form.BLOCK, 1, 2.6, Surface.ROUGH),
  STACK("stack of stones", Form.BLOCK, 0.8, 2.6, Surface.ROUGH),
  WOOD("wood", Form.BLOCK, 1, 1.1, Surface.ROUGH),
  BRANCH("branch", Form.BLOCK, 0.3, 1.1, Surface.ROUGH),
  CORK("cork", Form.BLOCK, 1, 0.25, Surface.ROUGH),
  CAVE("cave", Form.HOLLOW, 0.25, 2.0, Surface.ROUGH),
  RAMP("ramp", Form.PLANK, 0.15, 1.0, Surface.ROUGH),
  NET("climbing net", Form.PLANK, 0.02, 0.3, Surface.ROUGH),
  SLOPE("slope of ground", Form.BANK, 1, 1.9, Surface.LOOSE),
  TERRACE("terrace of ground", Form.BLOCK, 1, 1.9, Surface.LOOSE),
  LAND_TRAY("land tray", Form.BLOCK, 1, 1.2, Surface.LOOSE),
  EGG_BOX("egg box", Form.BLOCK, 1, 1.9, Surface.LOOSE),
  SHELF("shelf", Form.BLOCK, 1, 1.1, Surface.ROUGH),
  FLOAT("floating platform", Form.FLOAT, 0, 0.25, Surface.ROUGH),
  BASKING_BOX("basking box over the rim", Form.TRAY, 0.1, 1.0, Surface.ROUGH),
  BOX("smooth box", Form.BLOCK, 1, 1.0, Surface.SMOOTH),
  DISH("dish", Form.BLOCK, 0.4, 2.0, Surface.SMOOTH),
  BACK_WALL("back wall", Form.BLOCK, 1, 0.25, Surface.ROUGH),
  PARTITION("partition", Form.WALL, 1, 1.2, Surface.SMOOTH),
  PLANTS("plants", Form.PLANTS, 0, 0.1, Surface.ROUGH),
  FLOATING_PLANTS("floating plants", Form.FLOATING_PLANTS, 0, 0.1, Surface.ROUGH),
  HEATER("heater", Form.DEVICE, 1, 1.5, Surface.GLASS),
  FILTER("filter", Form.DEVICE, 1, 0.9, Surface.SMOOTH),
  INTAKE("filter intake", Form.DEVICE, 1, 0.9, Surface.SMOOTH),
  SPRAY_BAR("spray bar", Form.DEVICE, 0.2, 0.9, Surface.SMOOTH),
  AIR_STONE("air stone", Form.DEVICE, 1, 1.5, Surface.ROUGH),
  CHILLER_LOOP("chiller loop", Form.DEVICE, 0.2, 0.9, Surface.SMOOTH),
  FAN("fan", Form.DEVICE, 0.2, 0.5, Surface.SMOOTH),
  HEAT_MAT("heat mat", Form.DEVICE, 0.5, 1.0, Surface.SMOOTH),
  BASKING_LAMP("basking lamp", Form.LAMP, 0.1, 1.0, Surface.SMOOTH),
  UVB_LAMP("UVB lamp", Form.LAMP, 0.1, 1.0, Surface.SMOOTH),
  PROBE("temperature probe", Form.DEVICE, 1, 1.5, Surface.SMOOTH);

  /** What belongs together when one looks for a thing. */
  public enum Group {
    HIDES_AND_RESTS("hides and rests"),
    PLANTS("plants"),
    LAND_AND_WALLS("land and walls"),
    DEVICES("devices");

    private final String words;

    Group(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** How a thing fills its block. */
  public enum Form {
    /** Solid, stood on at its top. */
    BLOCK,
    /** A block one can go into. */
    HOLLOW,
    /** A slope one can go under. */
    PLANK,
    /** A slope of ground. */
    BANK,
    /** Lies on the water and follows it. */
    FLOAT,
    /** Stood on at its floor, with walls up to its top. */
    TRAY,
    /** Watertight from its bottom to its top. */
    WALL,
    PLANTS,
    FLOATING_PLANTS,
    /** Nothing an animal stands on. */
    DEVICE,
    /** Hangs over everything. */
    LAMP;

    /** Whether its upper side rises along its length. */
    public boolean slopes() {
      return this == PLANK || this == BANK;
    }
  }

  private final String words;
  private final Form form;
  private final double fill;
  private final double kgPerL;
  private final Surface surface;

  FurnishingKind(String words, Form form, double fill, double kgPerL, Surface surface) {
    this.words = words;
    this.form = form;
    this.fill = fill;
    this.kgPerL = kgPerL;
    this.surface = surface;
  }

  @Override
  public String words() {
    return words;
  }

  public Form form() {
    return form;
  }

  /** Share of its block that is solid and takes the place of water. */
  public double fill() {
    return fill;
  }

  /** Density of what is solid of it, kg/L. */
  public double kgPerL() {
    return kgPerL;
  }

  /** What an animal walks on, on top of it. */
  public Surface surface() {
    return surface;
  }

  public Group group() {
    return switch (this) {
      case PLANTS, FLOATING_PLANTS -> Group.PLANTS;
      case SLOPE, TERRACE, LAND_TRAY, EGG_BOX, BOX, DISH, BACK_WALL, PARTITION ->
          Group.LAND_AND_WALLS;
      default -> isDevice() ? Group.DEVICES : Group.HIDES_AND_RESTS;
    };
  }

  /** Whether an animal can stand on it. */
  public boolean carries() {
    return switch (form) {
      case PLANTS, FLOATING_PLANTS, DEVICE, LAMP -> false;
      default -> true;
    };
  }

  public boolean floats() {
    return form == Form.FLOAT || form == Form.FLOATING_PLANTS;
  }

  /** Whether an animal swims round it, not over or through it. */
  public boolean bars() {
    return switch (form) {
      case BLOCK, HOLLOW, WALL -> true;
      case DEVICE -> fill >= 0.5;
      default -> false;
    };
  }

  /** Whether an animal is out of sight in it. */
  public boolean hides() {
    return switch (form) {
      case HOLLOW, PLANTS, FLOATING_PLANTS -> true;
      default -> false;
    };
  }

  /** Whether it is a device, whose ratings stand under equipment. */
  public boolean isDevice() {
    return form == Form.DEVICE || form == Form.LAMP;
  }
}
