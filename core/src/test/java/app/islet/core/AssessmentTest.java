package app.islet.core;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static app.islet.core.Setups.with;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Substrate;
import app.islet.core.plan.Purchase;
import app.islet.core.quantity.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AssessmentTest {
  @SuppressWarnings("unchecked")
  private static Map<String, Object> json(Assessment a) {
    return JsonMapper.builder().build().readValue(AssessmentJson.write(a), Map.class);
  }

  @Test
  void the_same_question_gets_the_same_answer_to_the_letter() {
    Assessment once = Assessment.of(sliderPool(), List.of(animals("slider", 1, 18)), TODAY);
    Assessment again = Assessment.of(sliderPool(), List.of(animals("slider", 1, 18)), TODAY);
    assertThat(AssessmentJson.write(again)).isEqualTo(AssessmentJson.write(once));
  }

  @Test
  @SuppressWarnings("unchecked")
  void figures_carry_their_units_in_their_keys() {
    Map<String, Object> figures =
        (Map<String, Object>)
            json(Assessment.of(axolotlTank(), List.of(axolotls(2, 22)), TODAY)).get("figures");
    assertThat(figures)
        .containsEntry("waterL", 160.0)
        .containsEntry("litresPerAnimalL", 80.0)
        .containsEntry("floorPerAnimalCm2", 2500.0)
        .containsEntry("freeboardCm", 13.0);
    assertThat(figures.keySet())
        .allMatch(key -> key.matches(".*(L|Cm|Cm2|Percent|Deg|C|W|LPerDay|GPerDay|litresPerCm)"));
    assertThat(figures.values())
        .allMatch(v -> v instanceof Number n && Double.isFinite(n.doubleValue()));
  }

  @Test
  @SuppressWarnings("unchecked")
  void a_dry_or_empty_box_has_no_figures_about_what_is_not_there() {
    Map<String, Object> figures =
        (Map<String, Object>)
            json(Assessment.of(tank(60, 30, 30, 0), List.of(), TODAY)).get("figures");
    assertThat(figures)
        .doesNotContainKeys("litresPerAnimalL", "waterHeatingNeedW", "airTargetC")
        .containsEntry("waterL", 0.0);
  }

  @Test
  void what_is_missing_is_on_the_shopping_list_with_its_size() {
    Assessment bare =
        Assessment.of(
            with(
                tank(200, 80, 70, 40).withSite(steady(18)),
                new Substrate(SubstrateMaterial.SAND, 5)),
            List.of(animals("slider", 1, 18)),
            TODAY);
    assertThat(bare.shopping())
        .filteredOn(p -> !p.present())
        .extracting(Purchase::thing)
        .containsExactly("Heater with guard and thermostat", "Filter", "Basking lamp", "UVB tube");
    Purchase sand =
        bare.shopping().stream()
            .filter(p -> p.thing().startsWith("Substrate"))
            .findFirst()
            .orElseThrow();
    assertThat(sand.size().text(UnitSystem.METRIC)).isEqualTo("80 L, about 128 kg");
    Purchase filter =
        bare.shopping().stream().filter(p -> p.thing().equals("Filter")).findFirst().orElseThrow();
    assertThat(filter.size().text(UnitSystem.METRIC)).isEqualTo("960 L/h or more");
  }

  @Test
  void nobody_is_sold_a_heater_for_an_axolotl() {
    assertThat(
            Assessment.of(axolotlTank().withSite(steady(8)), List.of(axolotls(2, 22)), TODAY)
                .shopping())
        .extracting(Purchase::thing)
        .noneMatch(t -> t.startsWith("Heater"));
  }

  /** Whatever is asked, numbers stay numbers: a walk over many boxes, animals and rooms. */
  @Test
  void no_figure_is_ever_nonsense() {
    List<String> nonsense = new ArrayList<>();
    for (double length : new double[] {5, 60, 2000}) {
      for (double depth : new double[] {0, 0.1, 20, 30}) {
        for (double room : new double[] {-20, 4, 22, 50}) {
          for (String species :
              new String[] {"slider", "axolotl", "eastern-newt", "vampire-crab"}) {
            String text =
                AssessmentJson.write(
                    Assessment.of(
                        tank(
                                length,
                                30,
                                30,
                                depth,
                                new Equipment.Fan(2),
                                new Equipment.Chiller(100))
                            .withSite(steady(room)),
                        List.of(animals(species, 3, 4)),
                        TODAY));
            if (text.contains("NaN") || text.contains("Infinity") || text.contains("{}")) {
              nonsense.add(species + " in " + length + " x " + depth + " at " + room);
            }
          }
        }
      }
    }
    assertThat(nonsense).isEmpty();
  }
}
