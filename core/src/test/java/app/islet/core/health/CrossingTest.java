package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.AnimalGroup;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CrossingTest {
  @Test
  void chytrid_goes_between_frogs_and_salamanders() {
    assertThat(HealthTables.bundled().crossings(AnimalGroup.FROG, Set.of(AnimalGroup.SALAMANDER)))
        .extracting(Crossing::id)
        .contains("bd", "bsal", "ranavirus")
        .doesNotContain("mites");
  }

  @Test
  void salamander_chytrid_does_not_go_to_frogs_and_mites_stay_with_crabs() {
    assertThat(HealthTables.bundled().crossings(AnimalGroup.SALAMANDER, Set.of(AnimalGroup.FROG)))
        .extracting(Crossing::id)
        .doesNotContain("bsal");
    assertThat(HealthTables.bundled().crossings(AnimalGroup.CRAB, Set.of(AnimalGroup.CRAB)))
        .extracting(Crossing::id)
        .containsExactly("mites");
    assertThat(HealthTables.bundled().crossings(AnimalGroup.CRAB, Set.of(AnimalGroup.TURTLE)))
        .isEmpty();
  }

  @Test
  void each_says_in_a_short_sentence_what_stops_it() {
    assertThat(HealthTables.bundled().crossings())
        .allSatisfy(
            c -> {
              assertThat(c.advice()).endsWith(".");
              assertThat(c.advice().split("\\s+").length).isLessThan(20);
            });
  }
}
