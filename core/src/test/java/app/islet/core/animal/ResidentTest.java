package app.islet.core.animal;

import static app.islet.core.Setups.animals;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ResidentTest {
  private static final CareSheet NEWT = CareLibrary.bundled().find("eastern-newt").orElseThrow();

  private static Resident newt(OptionalDouble length, OptionalDouble mass, String stage) {
    return new Resident("Newt", NEWT, 1, 0, 0, length, mass, Optional.ofNullable(stage));
  }

  @Test
  void a_stated_stage_wins_and_a_length_decides_where_none_is_stated() {
    assertThat(newt(OptionalDouble.of(2), OptionalDouble.empty(), "adult").stage().id())
        .isEqualTo("adult");
    assertThat(newt(OptionalDouble.of(2), OptionalDouble.empty(), null).stage().id())
        .isEqualTo("larva");
    assertThat(newt(OptionalDouble.empty(), OptionalDouble.empty(), "eft").stage().id())
        .isEqualTo("eft");
    assertThat(newt(OptionalDouble.empty(), OptionalDouble.empty(), null).stage().id())
        .as("the last, where nothing is known")
        .isEqualTo("adult");
  }

  private static String stageMeasuredSince(String species, String stage, double lengthCm) {
    return new Resident(
            "It",
            CareLibrary.bundled().find(species).orElseThrow(),
            1,
            0,
            0,
            OptionalDouble.of(lengthCm),
            OptionalDouble.empty(),
            Optional.of(stage))
        .measuredSince()
        .stage()
        .id();
  }

  @Test
  void a_later_measurement_moves_a_stage_on_but_not_back_nor_over_a_change_of_form() {
    assertThat(stageMeasuredSince("common-musk", "hatchling", 20)).isEqualTo("adult");
    assertThat(stageMeasuredSince("common-musk", "adult", 3)).isEqualTo("adult");
    assertThat(stageMeasuredSince("clawed-frog", "tadpole", 6)).isEqualTo("tadpole");
    assertThat(stageMeasuredSince("eastern-newt", "eft", 11)).isEqualTo("eft");
  }

  @Test
  void a_form_ends_when_it_has_lasted_as_long_as_it_can() {
    Resident larva = newt(OptionalDouble.of(6), OptionalDouble.empty(), "larva");
    double months = larva.stage().recognised().ageMonths().map(age -> age.max()).orElse(6.0);
    assertThat(larva.after(months * 30.44 - 1).stage().id()).isEqualTo("larva");
    Resident eft = larva.after(months * 30.44 + 1);
    assertThat(eft.stage().id()).isEqualTo("eft");
    assertThat(eft.bodyCm())
        .as("what was measured of the larva says nothing of the eft")
        .isCloseTo(NEWT.typicalLengthCm(eft.stage()), within(0.2));
  }

  @Test
  void an_unmeasured_animal_is_taken_at_the_usual_size_of_its_stage() {
    assertThat(newt(OptionalDouble.empty(), OptionalDouble.empty(), "eft").bodyCm()).isEqualTo(5.5);
    assertThat(newt(OptionalDouble.empty(), OptionalDouble.empty(), "adult").bodyCm())
        .isEqualTo(10);
  }

  @Test
  void mass_goes_with_the_cube_of_length_until_it_is_weighed() {
    double at5 = newt(OptionalDouble.of(5), OptionalDouble.empty(), null).bodyG();
    double at10 = newt(OptionalDouble.of(10), OptionalDouble.empty(), null).bodyG();
    assertThat(at10 / at5).isCloseTo(8, within(1e-9));
    assertThat(newt(OptionalDouble.of(10), OptionalDouble.of(2.2), null).bodyG()).isEqualTo(2.2);
  }

  @Test
  void growing_keeps_the_build_of_a_weighed_animal() {
    Resident now = newt(OptionalDouble.of(5), OptionalDouble.of(1), null);
    Resident later = now.after(365);
    assertThat(later.bodyCm()).isGreaterThan(5);
    assertThat(later.bodyG()).isCloseTo(Math.pow(later.bodyCm() / 5, 3), within(1e-9));
    assertThat(now.after(0).bodyCm()).isEqualTo(5);
  }

  @Test
  void words_name_number_kind_and_stage() {
    assertThat(animals("axolotl", 1, 22).words()).isEqualTo("1 axolotl (adult)");
    assertThat(animals("dwarf-frog", 7, 3).words()).isEqualTo("7 African dwarf frogs (adult)");
    assertThat(animals("common-musk", 3, 4).words()).isEqualTo("3 common musk turtles (hatchling)");
  }

  @Test
  void more_sexes_than_animals_are_refused() {
    assertThatThrownBy(
            () ->
                new Resident(
                    "Newt",
                    NEWT,
                    2,
                    2,
                    1,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    Optional.empty()))
        .hasMessage("males and females together cannot be more than the 2 there are");
    assertThatThrownBy(
            () ->
                new Resident(
                    "Newt",
                    NEWT,
                    0,
                    0,
                    0,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    Optional.empty()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void a_group_has_a_smallest_and_a_largest() {
    Resident brood = animals("axolotl", 6, 4).downTo(OptionalDouble.of(2.5));
    assertThat(brood.bySize()).extracting(Resident::count).containsExactly(5, 1);
    assertThat(brood.bySize()).extracting(Resident::bodyCm).containsExactly(4.0, 2.5);
    assertThat(animals("axolotl", 1, 4).downTo(OptionalDouble.of(2.5)).bySize()).hasSize(1);
    assertThat(brood.after(30).smallestCm().orElseThrow()).isBetween(2.5, brood.after(30).bodyCm());
    assertThatThrownBy(() -> animals("axolotl", 6, 4).downTo(OptionalDouble.of(4.1)))
        .hasMessageContaining("cannot be longer");
  }
}
