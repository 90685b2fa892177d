package app.islet.core.light;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Plant;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import java.util.List;
import java.util.Optional;

/**
 * Roughly how much light the plants get from the lamps of the design and the window, against what
 * they want. Every factor is from memory: expect a third to three times.
 *
 * @param getsMicromol photons of the visible over the whole floor, µmol/m²s
 * @param plants each with whether that is enough
 * @param shyWho who flees bright light, so that its need goes before the plants'; absent where
 *     nobody does
 * @param plantLampW power of a lamp for plants that would give the brightest of them enough; absent
 *     where they have enough
 */
public record PlantLight(
    double getsMicromol, List<Fed> plants, Optional<Resident> shyWho, double plantLampW) {
  /** How far the estimate may be off, as a factor. */
  public static final double UNCERTAIN = 3;

  /** Light of a halogen or incandescent basking lamp, and of a UVB tube with its reflector. */
  private static final double BASKING_LM_PER_W = 12;

  private static final double TUBE_LM = 1000;
  private static final double PLANT_LAMP_LM_PER_W = 100;

  /** Of a lamp's light so much falls on the floor below. */
  private static final double FALLS_IN = 0.4;

  /** Lux of white light to the µmol/m²s. */
  private static final double LUX_PER_MICROMOL = 65;

  /** What an hour of sun on the glass adds, spread over the day. */
  private static final double WINDOW_MICROMOL_PER_HOUR = 8;

  private static final double MESH = 0.75;

  /**
   * @param enough whether it gets what it wants
   */
  public record Fed(Plant plant, boolean enough) {}

  public PlantLight {
    plants = List.copyOf(plants);
  }

  public static PlantLight of(Enclosure e, List<Resident> residents) {
    double floorM2 = e.vessel().lengthCm() * e.vessel().widthCm() / 1e4;
    double lumen =
        e.all(Equipment.BaskingLamp.class).mapToDouble(Equipment.BaskingLamp::powerW).sum()
                * BASKING_LM_PER_W
            + e.all(Equipment.UvbLamp.class).count() * TUBE_LM;
    double through = e.lid() == Lid.MESH || e.lid() == Lid.PART_MESH ? MESH : 1;
    double gets =
        lumen * FALLS_IN * through / floorM2 / LUX_PER_MICROMOL
            + e.site().sunHours() * WINDOW_MICROMOL_PER_HOUR;
    List<Fed> plants =
        e.furnishings().plants().stream()
            .map(plant -> new Fed(plant, gets >= plant.light().leastMicromol()))
            .toList();
    double missing =
        plants.stream()
            .filter(fed -> !fed.enough())
            .mapToDouble(fed -> fed.plant().light().leastMicromol() - gets)
            .max()
            .orElse(0);
    return new PlantLight(
        gets,
        plants,
        residents.stream()
            .filter(r -> r.stage().needs().daylight().filter(Needs.Daylight::dim).isPresent())
            .findFirst(),
        missing * LUX_PER_MICROMOL * floorM2 / FALLS_IN / through / PLANT_LAMP_LM_PER_W);
  }

  /** Plants that would do with what there is, of those that grow in or on water. */
  public List<Plant> content() {
    return Plant.all().stream()
        .filter(plant -> plant.habit() != Plant.Habit.LAND && plant.harms().isEmpty())
        .filter(
            plant ->
                plant.light() == Plant.Light.LOW || plant.light().leastMicromol() <= getsMicromol)
        .toList();
  }
}
