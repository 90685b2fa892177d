package app.islet.core.water;

import static app.islet.core.Setups.animals;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Plant;
import app.islet.core.quantity.Range;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Who stands which salt, and what nobody stands; common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompanyTest {
  private static final List<CareSheet> SHEETS = List.copyOf(CareLibrary.bundled().all());

  @Test
  void fresh_water_grows_every_water_plant_and_brackish_only_those_that_stand_salt() {
    List<String> all =
        Plant.all().stream()
            .filter(plant -> plant.habit() != Plant.Habit.LAND)
            .map(Plant::name)
            .toList();
    assertThat(SaltCompany.at(0, SHEETS).plants()).isEqualTo(all);
    assertThat(SaltCompany.at(SaltCompany.FRESH_PPT, SHEETS).plants()).isEqualTo(all);
    assertThat(SaltCompany.at(SaltCompany.FRESH_PPT + 0.1, SHEETS).plants())
        .isNotEmpty()
        .hasSizeLessThan(all.size())
        .contains("Mangrove seedling")
        .doesNotContain("Hornwort");
  }

  @Test
  void only_animals_whose_sheet_asks_for_that_salt_are_named() {
    for (double ppt : new double[] {0, 2, 5, 8, 12, 20, 35}) {
      List<String> named = SaltCompany.at(ppt, SHEETS).animals();
      for (CareSheet sheet : SHEETS) {
        boolean wants =
            sheet.stages().stream()
                .flatMap(stage -> stage.needs().salinity().stream())
                .map(need -> need.ppt())
                .anyMatch(range -> within(range, ppt));
        assertThat(named.contains(sheet.name())).as("%s at %s", sheet.name(), ppt).isEqualTo(wants);
      }
    }
    assertThat(SaltCompany.at(10, SHEETS).animals())
        .as("no amphibian stands it")
        .doesNotContainAnyElementsOf(
            SHEETS.stream()
                .filter(s -> s.group() == AnimalGroup.SALAMANDER || s.group() == AnimalGroup.FROG)
                .map(CareSheet::name)
                .toList());
  }

  private static boolean within(Range range, double ppt) {
    return range.min() <= ppt && ppt <= range.max();
  }

  @ParameterizedTest
  @EnumSource(AnimalGroup.class)
  void every_group_is_told_what_harms_it(AnimalGroup group) {
    String id = SHEETS.stream().filter(s -> s.group() == group).findFirst().orElseThrow().id();
    List<Resident> one = List.of(animals(id, 1, 10));
    String told = String.join(" ", NeverAdd.of(one));
    assertThat(told).contains("Table salt", "Powders for pH");
    assertThat(told.contains("Copper")).isEqualTo(group != AnimalGroup.TURTLE);
    assertThat(told.contains("it kills crabs")).isEqualTo(group == AnimalGroup.CRAB);
    assertThat(told.contains("Salt as a treatment"))
        .isEqualTo(group == AnimalGroup.FROG || group == AnimalGroup.SALAMANDER);
  }

  @Test
  void those_who_live_together_are_told_of_all_and_nothing_twice() {
    List<String> both = NeverAdd.of(List.of(animals("axolotl", 1, 20), animals("slider", 1, 20)));
    assertThat(both).doesNotHaveDuplicates();
    assertThat(both).containsAll(NeverAdd.of(List.of(animals("axolotl", 1, 20))));
    assertThat(both).containsAll(NeverAdd.of(List.of(animals("slider", 1, 20))));
  }
}
