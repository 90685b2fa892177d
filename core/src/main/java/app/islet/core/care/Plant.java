package app.islet.core.care;

import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A plant a keeper may put in.
 *
 * @param light how much it wants, roughly
 * @param waterC water or air it stands, °C
 * @param harms the animals it harms; none for most
 * @param why what it does to them
 */
public record Plant(
    String id,
    String name,
    Habit habit,
    Light light,
    Range waterC,
    boolean salt,
    Set<AnimalGroup> harms,
    Optional<String> why,
    Evidence basis) {
  /** How it grows. */
  public enum Habit {
    FLOATING,
    ROOTED,
    TIED,
    EMERGENT,
    LAND
  }

  /**
   * How much light a plant wants, as photons of the visible at its leaves, µmol/m²s; from memory.
   */
  public enum Light {
    LOW(10),
    MEDIUM(30),
    HIGH(60);

    private final double leastMicromol;

    Light(double leastMicromol) {
      this.leastMicromol = leastMicromol;
    }

    /** Below this it dwindles. */
    public double leastMicromol() {
      return leastMicromol;
    }
  }

  public Plant {
    harms = Set.copyOf(harms);
    if (harms.isEmpty() == why.isPresent()) {
      throw new IllegalArgumentException("a plant that harms says why, the others do not");
    }
  }

  /** The plants that ship with Islet, by name. */
  public static List<Plant> all() {
    return Catalogue.PLANTS;
  }

  public static Optional<Plant> find(String id) {
    return all().stream().filter(plant -> plant.id().equals(id)).findFirst();
  }
}
