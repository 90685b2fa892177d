package app.islet.core.care;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something put into the water against a sickness.
 *
 * @param harms the animals it harms in the doses sold for fish
 * @param gillsOnly whether only those of them that live by gills
 * @param why what it does
 * @param filter whether it harms the bacteria of the filter too
 */
public record Medicine(
    String id,
    String name,
    Set<AnimalGroup> harms,
    boolean gillsOnly,
    String why,
    boolean filter,
    Evidence basis) {
  public Medicine {
    harms = Set.copyOf(harms);
  }

  /** All that ship with Islet, by name. */
  public static List<Medicine> all() {
    return Catalogue.MEDICINES;
  }

  public static Optional<Medicine> find(String id) {
    return all().stream().filter(medicine -> medicine.id().equals(id)).findFirst();
  }
}
