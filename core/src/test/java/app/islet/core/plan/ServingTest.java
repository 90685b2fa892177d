package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Assessment;
import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.quantity.UnitSystem;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ServingTest {
  private static List<String> how(Resident... residents) {
    Plan plan = Assessment.of(Setups.axolotlTank(), Arrays.asList(residents), Setups.TODAY).plan();
    return plan.tasks().stream()
        .filter(task -> plan.helping(task).isPresent())
        .map(task -> task.how().text(UnitSystem.METRIC))
        .toList();
  }

  @Test
  void worms_are_cut_to_the_mouth() {
    // Six hundredths of 20 cm.
    assertThat(how(Setups.axolotls(1, 20)))
        .anyMatch(how -> how.endsWith("Pieces up to 1.2 cm wide."));
    assertThat(how(Setups.axolotls(1, 10)))
        .anyMatch(how -> how.endsWith("Pieces up to 0.6 cm wide."));
  }

  @Test
  void where_two_kinds_eat_the_larger_is_busy_first() {
    List<String> mixed = how(Setups.axolotls(1, 22), Setups.animals("eastern-newt", 1, 9));
    assertThat(mixed).anyMatch(how -> how.contains("First, at one end"));
    assertThat(mixed).anyMatch(how -> how.contains("at the other end: by tongs or on a leaf"));
    assertThat(how(Setups.axolotls(2, 22)))
        .as("alone it needs no order")
        .noneMatch(how -> how.contains("First, at one end"));
  }

  @Test
  void nauplii_are_rinsed_and_the_salt_of_those_that_are_not_is_said() {
    assertThat(how(Setups.axolotls(20, 3)))
        .anyMatch(how -> how.contains("poured in with its water it would bring the salt to about"));
  }
}
