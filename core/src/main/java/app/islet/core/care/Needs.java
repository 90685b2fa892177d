package app.islet.core.care;

import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What an animal of one stage needs, in blocks that a rule can ask one by one. An absent block
 * means that the sheet states nothing, which is not the same as "anything goes": rules stay silent
 * then.
 */
public record Needs(
    Optional<Temperature> water,
    Optional<Temperature> air,
    Optional<Humidity> humidity,
    Optional<Chemistry> chemistry,
    Optional<Oxygen> oxygen,
    Optional<Depth> depth,
    Space space,
    Land land,
    Optional<Basking> basking,
    Optional<Uv> uv,
    Optional<Daylight> daylight,
    Optional<Rest> rest,
    Optional<Salinity> salinity,
    Optional<Pools> pools,
    Shelter shelter,
    Locomotion locomotion,
    Escape escape,
    Substrate ground,
    Group group,
    Optional<Filtration> filtration,
    Optional<Cooling> cooling,
    Optional<Planting> planting,
    Optional<Dock> dock,
    Heater heater) {

  /**
   * @param idealC range aimed at, °C
   * @param toleratedC range stood for a time, °C
   * @param harmC range outside which harm follows within hours, °C
   */
  public record Temperature(
      Range idealC,
      Range toleratedC,
      Range harmC,
      Stands stands,
      Optional<Night> night,
      Evidence basis) {
    public Temperature {
      if (!(toleratedC.contains(idealC) && harmC.contains(toleratedC))) {
        throw new IllegalArgumentException(
            "the ideal range must lie within the tolerated one, and that within the one beyond which harm begins");
      }
    }

    /** Whether the sheet says nothing of its own on how long it stands what is not ideal. */
    public boolean standsAsUsual() {
      return stands.equals(Stands.usual(harmC));
    }
  }

  /**
   * How long it stands what is not ideal.
   *
   * @param days outside the ideal range, within the tolerated one
   * @param harmHours outside the range beyond which harm begins
   */
  public record Stands(double days, double harmHours, Evidence basis) {
    /** Whom more than this harms is an animal of cold water, °C. */
    private static final double COLD_C = 27;

    /**
     * What is taken where a sheet says nothing: two weeks and two days, half of that for animals of
     * cold water. An assumption of the model, from memory.
     */
    static Stands usual(Range harmC) {
      return harmC.max() <= COLD_C
          ? new Stands(7, 24, Evidence.MEMORY)
          : new Stands(14, 48, Evidence.MEMORY);
    }
  }

  /**
   * @param dropK how much cooler the night is wanted, K
   */
  public record Night(Range dropK, Evidence basis) {}

  /**
   * Relative humidity of the air over the land, %.
   *
   * @param tolerated range outside which it dries out or falls ill
   */
  public record Humidity(Range percent, Range tolerated, Evidence basis) {
    public Humidity {
      if (!tolerated.contains(percent)) {
        throw new IllegalArgumentException("the wanted humidity must lie within the tolerated one");
      }
    }
  }

  /**
   * @param ph range the water may have
   * @param hardnessDh total hardness, German degrees; absent where salt decides
   * @param onlySpring whether nothing but spring water is used
   */
  public record Chemistry(
      Range ph, Optional<Range> hardnessDh, boolean onlySpring, Evidence basis) {}

  /**
   * @param leastMgPerL dissolved oxygen below which it suffers
   * @param gills whether it lives by gills and skin
   */
  public record Oxygen(double leastMgPerL, boolean gills, Evidence basis) {}

  /**
   * @param hours day length, least and most
   * @param dim whether it flees bright light
   */
  public record Daylight(Range hours, boolean dim, Evidence basis) {}

  /**
   * The cool, short days of winter a species rests through.
   *
   * @param weeks how long it rests
   * @param coolC of water or air meanwhile, °C
   * @param hours of light a day meanwhile
   * @param checkDays days between two looks at it meanwhile
   * @param needed whether it must rest to stay well or to breed; else it may, and does under the
   *     sky
   */
  public record Rest(
      Range weeks, Range coolC, double hours, int checkDays, boolean needed, Evidence basis) {}

  /**
   * Bowls or pools beside the main water.
   *
   * @param fresh whether it must find fresh water
   * @param salt whether it must find salt water too
   * @param depthCm depth it must be able to sink into
   */
  public record Pools(boolean fresh, boolean salt, double depthCm, Evidence basis) {}

  /**
   * @param hidesPerAnimal places to be out of sight
   * @param rests whether it needs a rest under the surface
   * @param waysOut separate ways out of the water, so that none can be held
   * @param spareShells empty shells for each animal to move into
   */
  public record Shelter(
      double hidesPerAnimal, boolean rests, int waysOut, int spareShells, Evidence basis) {}

  /**
   * Depth of water over the ground, cm.
   *
   * @param minCm least depth it can submerge, right itself or swim in
   * @param bareMaxCm most depth without a rest near the surface
   * @param maxCm most depth at all
   * @param restWithinCm how near the surface the top of a rest must come
   * @param drowns whether too deep means drowning, not just discomfort
   */
  public record Depth(
      double minCm,
      double bareMaxCm,
      double maxCm,
      double restWithinCm,
      boolean drowns,
      Evidence basis) {
    public Depth {
      if (!(minCm <= bareMaxCm && bareMaxCm <= maxCm)) {
        throw new IllegalArgumentException("depths must rise from minCm over bareMaxCm to maxCm");
      }
    }
  }

  /**
   * Floor and water that are recommended for the first animals and each further one. The least is
   * {@link #leastShare} of it.
   *
   * @param animals how many the first floor and water are for
   * @param airHeightCm height of the air over ground or water that it climbs in
   * @param waterLPerCm water for each cm of body length, where keepers count so
   * @param ahead for how long growth is counted in before it is bought
   * @param heightCounts whether height adds room for it, by the school followed
   * @param leastShare what it must have, as a share of what is recommended
   */
  public record Space(
      double floorCm2,
      double furtherFloorCm2,
      OptionalDouble waterL,
      OptionalDouble furtherWaterL,
      OptionalDouble waterLPerCm,
      int animals,
      OptionalDouble airHeightCm,
      Ahead ahead,
      boolean heightCounts,
      double leastShare,
      Evidence basis) {
    /** Where a sheet says nothing else of what it must have; common practice, no source. */
    static final double USUAL_LEAST = 0.6;

    /** Of what is recommended; three digits do not show a smaller difference. */
    private static final double UNSEEN = 0.01;

    /** Whether there is as much of it as is recommended. */
    public static boolean isEnough(double there, double recommended) {
      return there >= (1 - UNSEEN) * recommended;
    }

    private int further(int count) {
      return Math.max(0, count - animals);
    }

    /** Footprint for {@code count} animals, cm². */
    public double floorCm2For(int count) {
      return floorCm2 + further(count) * furtherFloorCm2;
    }

    /**
     * Water for {@code count} animals of {@code lengthCm}, litres; nothing where the sheet states
     * none.
     */
    public OptionalDouble waterLFor(int count, double lengthCm) {
      if (waterL.isEmpty() && waterLPerCm.isEmpty()) {
        return OptionalDouble.empty();
      }
      double fixed =
          waterL.isEmpty()
              ? 0
              : waterL.getAsDouble() + further(count) * furtherWaterL.orElse(waterL.getAsDouble());
      double bySize = waterLPerCm.orElse(0) * lengthCm * count;
      return OptionalDouble.of(Math.max(fixed, bySize));
    }
  }

  /**
   * @param months how far ahead of growth a vessel is chosen
   */
  public record Ahead(int months, Evidence basis) {}

  /**
   * @param sharePercent share of the footprint that must be dry land, least and most
   * @param minDepthCm depth of ground it digs in, 0 where it does not
   * @param eggDepthCm depth of ground an adult female needs to lay in, 0 where she needs none
   * @param eggFromCm length from which a female is mature, longer than a male is; 0 from the adult
   *     stage on
   * @param necessary whether an animal without dry land is in danger
   */
  public record Land(
      Range sharePercent,
      double minDepthCm,
      double eggDepthCm,
      double eggFromCm,
      boolean necessary,
      Evidence basis) {}

  /**
   * @param spotC surface temperature of the basking place, °C
   * @param hoursPerDay how long the lamp is on
   */
  public record Basking(Range spotC, double hoursPerDay, Evidence basis) {}

  /**
   * @param zone the zone it is counted to
   * @param tube when a tube is spent
   */
  public record Uv(UvZone zone, Tube tube, Evidence basis) {
    /** UV index wanted where it basks. */
    public Range uvi() {
      return zone.most();
    }
  }

  /**
   * @param months how long a UVB tube serves before it is replaced
   */
  public record Tube(int months, Evidence basis) {
    private static final double DAYS_A_MONTH = 30.4;

    /** The same in days. */
    public int days() {
      return (int) Math.round(months * DAYS_A_MONTH);
    }

    /** The day one fitted then is replaced on. */
    public LocalDate replacedOn(LocalDate fitted) {
      return fitted.plusDays(days());
    }
  }

  /**
   * @param freeboardCm from the highest foothold, the water line included, to the rim when there is
   *     no lid
   * @param lid whether it leaves an open box whatever the rim
   */
  public record Escape(double freeboardCm, boolean lid, Evidence basis) {}

  /**
   * @param never grounds that harm it
   * @param why what happens
   * @param depthCm depth of ground under water that it digs itself into
   */
  public record Substrate(
      Set<SubstrateMaterial> never, String why, OptionalDouble depthCm, Evidence basis) {
    public Substrate {
      never = Set.copyOf(never);
    }
  }

  /**
   * @param most largest group that keeps the peace in one enclosure
   * @param least smallest group that is at ease
   * @param femalesPerMale least number of females to each male, 0 where it does not matter
   * @param malesFight whether two males are one too many
   * @param pairsApart whether the sexes are parted but for breeding
   * @param sizeRatio an animal shorter than this share of another's length may be bitten or eaten;
   *     0 where safe
   * @param temper how it treats others
   */
  public record Group(
      int least,
      int most,
      double femalesPerMale,
      boolean malesFight,
      boolean pairsApart,
      double sizeRatio,
      Temperament temperament,
      Evidence basis) {}

  /**
   * @param turnoverPerHour water volumes an hour the filter is rated for, least and most
   * @param startUp how long it must run before it carries the animal
   */
  public record Filtration(Range turnoverPerHour, FilterCycle filterCycle, Evidence basis) {}

  /**
   * @param days how long a new filter runs before it carries the animal
   */
  public record FilterCycle(int days, Evidence basis) {}

  /** What a school reaches for first when the water is too warm. */
  public enum Cooling {
    FAN,
    CHILLER
  }

  /** What a school builds the basking place as. */
  public enum Dock {
    FLOATING("a floating dock that follows the level"),
    STANDING("wood and stone that stand on the floor"),
    ABOVE_RIM("a box above the rim with a ramp, so that the water keeps its room");

    private final String words;

    Dock(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What becomes of plants in the water with it. */
  public enum Planting {
    /** They grow, and are wanted. */
    GROW,
    /** They are eaten or torn out; only what grows above the water lasts. */
    EATEN,
    /** A school that uses plastic ones. */
    PLASTIC
  }

  /**
   * @param ppt salt the water should hold, g/kg
   */
  public record Salinity(Range ppt, Range tolerated, Evidence basis) {
    public Salinity {
      if (!tolerated.contains(ppt)) {
        throw new IllegalArgumentException("the wanted salinity must lie within the tolerated one");
      }
    }
  }

  /** Whether a heater in the water is safe with it. */
  public enum Heater {
    NEVER,
    GUARDED,
    ANY
  }
}
