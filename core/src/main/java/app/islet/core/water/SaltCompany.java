package app.islet.core.water;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Plant;
import java.util.Collection;
import java.util.List;

/**
 * What can live together with a salt: few plants and few animals stand brackish water.
 *
 * @param plants that grow in it, by name
 * @param animals of which some stage wants it, by name
 */
public record SaltCompany(List<String> plants, List<String> animals) {
  /** Salt that a freshwater plant still stands, g/kg; from memory. */
  public static final double FRESH_PPT = 3;

  public SaltCompany {
    plants = List.copyOf(plants);
    animals = List.copyOf(animals);
  }

  public static SaltCompany at(double ppt, Collection<CareSheet> sheets) {
    return new SaltCompany(
        Plant.all().stream()
            .filter(plant -> plant.habit() != Plant.Habit.LAND)
            .filter(plant -> ppt <= FRESH_PPT || plant.salt())
            .map(Plant::name)
            .toList(),
        sheets.stream()
            .filter(
                sheet ->
                    sheet.stages().stream()
                        .flatMap(s -> s.needs().salinity().stream())
                        .anyMatch(need -> need.ppt().contains(ppt)))
            .map(CareSheet::name)
            .sorted()
            .toList());
  }
}
