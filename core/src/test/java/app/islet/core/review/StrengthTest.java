package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.ServiceLoader;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** What is right is said, and nothing is called right that is not. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class StrengthTest {
  private static List<String> of(Enclosure e, Resident... residents) {
    HusbandryState s = HusbandryState.of(e, List.of(residents), TODAY);
    return Strength.of(s, Review.of(s)).stream()
        .map(strength -> strength.what().text(UnitSystem.METRIC))
        .toList();
  }

  @Test
  void a_sound_tank_is_praised_for_what_it_has() {
    assertThat(of(axolotlTank(), axolotls(2, 22)))
        .contains(
            "Floor enough: 5000 cm² for 2 axolotls (adult), 3650 cm² recommended.",
            "The filter fits the water and the animals.",
            "Hides enough.",
            "So many can live together.")
        .anyMatch(t -> t.startsWith("Water enough: 160 L"))
        .noneMatch(t -> t.contains("UVB") || t.contains("out of the water"));
    assertThat(of(sliderPool(), animals("slider", 1, 18)))
        .contains("They get out of the water.", "A dry place under a lamp.");
  }

  @Test
  void what_is_wrong_is_not_praised() {
    Enclosure small = tank(40, 25, 25, 18);
    assertThat(of(small, animals("slider", 1, 18)))
        .noneMatch(t -> t.startsWith("Floor enough"))
        .noneMatch(t -> t.startsWith("Water enough"))
        .noneMatch(t -> t.startsWith("They get out"))
        .noneMatch(t -> t.contains("filter") || t.contains("UVB") || t.contains("lamp"));
  }

  @Test
  void nobody_is_nothing_to_be_praised_for() {
    assertThat(of(axolotlTank())).isEmpty();
  }

  /** A rule that is renamed would make every set-up look right. */
  @Test
  void the_rules_it_asks_are_there() throws Exception {
    String source = Files.readString(Path.of("src/main/java/app/islet/core/review/Strength.java"));
    List<String> asked =
        Pattern.compile("clear\\(([^)]*)\\)")
            .matcher(source)
            .results()
            .flatMap(m -> Pattern.compile("\"([a-z-]+)\"").matcher(m.group(1)).results())
            .map(m -> m.group(1))
            .toList();
    List<String> ids =
        ServiceLoader.load(Rule.class).stream()
            .map(ServiceLoader.Provider::get)
            .map(Rule::id)
            .toList();
    assertThat(asked).hasSizeGreaterThan(20).isSubsetOf(ids);
  }
}
