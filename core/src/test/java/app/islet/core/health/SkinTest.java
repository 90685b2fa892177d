package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.AnimalGroup;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.LifeEvent.Kind;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SkinTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 1);
  private static final SkinGuide CRAB = HealthTables.bundled().skin(AnimalGroup.CRAB);

  private static LifeEvent event(int daysAgo, Kind kind) {
    return new LifeEvent(TODAY.minusDays(daysAgo), kind, OptionalDouble.empty(), "");
  }

  private static Skin crab(double bodyCm, LifeEvent... events) {
    return Skin.of(CRAB, bodyCm, true, List.of(events), TODAY);
  }

  @ParameterizedTest(name = "{0} cm: at most {1} days")
  @CsvSource({"1, 14", "1.1, 28", "2, 28", "2.1, 42", "3.5, 42", "3.6, 70", "40, 70"})
  void the_larger_a_crab_the_longer_it_is_left_alone(double bodyCm, int most) {
    Skin skin = crab(bodyCm, event(5, Kind.BURIED));
    assertThat(skin.phase()).isEqualTo(Skin.Phase.BURIED);
    assertThat(skin.usual().max()).isEqualTo(most);
    assertThat(skin.day(TODAY)).isEqualTo(6);
  }

  @ParameterizedTest(name = "buried {0} days ago: long {1}")
  @CsvSource({"42, false", "43, true"})
  void longer_than_usual_is_told(int ago, boolean isLong) {
    assertThat(crab(3, event(ago, Kind.BURIED)).isLong(TODAY)).isEqualTo(isLong);
  }

  @Test
  void who_eats_is_up_again_but_of_a_group_another_may_have_eaten() {
    List<LifeEvent> events = List.of(event(20, Kind.BURIED), event(3, Kind.FED));
    assertThat(Skin.of(CRAB, 3, true, events, TODAY).phase()).isEqualTo(Skin.Phase.BETWEEN);
    assertThat(Skin.of(CRAB, 3, false, events, TODAY).phase()).isEqualTo(Skin.Phase.BURIED);
  }

  @ParameterizedTest(name = "moulted {0} days ago: {1}")
  @CsvSource({"0, SOFT", "14, SOFT", "15, BETWEEN"})
  void after_a_moult_it_is_soft_for_days(int ago, Skin.Phase phase) {
    assertThat(crab(3, event(40, Kind.BURIED), event(ago, Kind.MOULTED)).phase()).isEqualTo(phase);
  }

  @ParameterizedTest(name = "{0} moults after the loss: {1}")
  @CsvSource({"0, NOT_YET", "1, GROWING", "2, GROWING", "3, WHOLE"})
  void a_crabs_limb_grows_over_its_moults(int moults, Skin.Growth growth) {
    LifeEvent[] events =
        Stream.concat(
                Stream.of(new LifeEvent(TODAY.minusDays(300), Kind.LIMB, OptionalDouble.of(2), "")),
                IntStream.range(0, moults).mapToObj(n -> event(200 - 50 * n, Kind.MOULTED)))
            .toArray(LifeEvent[]::new);
    Skin.Lost lost = crab(3, events).lost().orElseThrow();
    assertThat(lost.limbs()).isEqualTo(2);
    assertThat(lost.skinsSince()).isEqualTo(moults);
    assertThat(lost.growth()).isEqualTo(growth);
  }

  @ParameterizedTest(name = "{0}, lost {1} weeks ago: {2}")
  @CsvSource({
    "SALAMANDER, 0, NOT_YET", "SALAMANDER, 1, GROWING", "SALAMANDER, 15, GROWING",
    "SALAMANDER, 16, WHOLE", "TURTLE, 40, NEVER", "FROG, 40, NEVER"
  })
  void a_salamander_grows_it_again_within_weeks_others_never(
      AnimalGroup group, int weeks, Skin.Growth growth) {
    Skin skin =
        Skin.of(
            HealthTables.bundled().skin(group),
            20,
            true,
            List.of(event(7 * weeks, Kind.LIMB)),
            TODAY);
    assertThat(skin.lost().orElseThrow().growth()).isEqualTo(growth);
  }

  @Test
  void what_is_entered_for_a_day_to_come_does_not_count() {
    assertThat(crab(3, event(-1, Kind.BURIED)).phase()).isEqualTo(Skin.Phase.BETWEEN);
  }

  @ParameterizedTest
  @EnumSource(AnimalGroup.class)
  void every_group_has_its_guide_in_short_sentences(AnimalGroup group) {
    SkinGuide guide = HealthTables.bundled().skin(group);
    assertThat(Stream.of(guide.before(), guide.leave()).flatMap(List::stream))
        .isNotEmpty()
        .allSatisfy(
            sentence -> {
              assertThat(sentence).endsWith(".");
              assertThat(sentence.split("\\s+").length).isLessThan(20);
            });
  }
}
