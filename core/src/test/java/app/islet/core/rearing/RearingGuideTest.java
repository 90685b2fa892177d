package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.quantity.Range;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class RearingGuideTest {
  private static List<RearingGuide> guides() {
    return RearingGuide.all();
  }

  @ParameterizedTest
  @MethodSource("guides")
  void every_species_of_a_guide_has_a_care_sheet_with_all_its_stages(RearingGuide guide) {
    for (String species : guide.species()) {
      CareSheet sheet = CareLibrary.bundled().find(species).orElseThrow();
      assertThat(RearingGuide.of(sheet)).contains(guide);
      assertThat(guide.milestones())
          .allSatisfy(m -> assertThat(m.stageOf(sheet)).as(species + " " + m.id()).isPresent());
    }
  }

  @ParameterizedTest
  @MethodSource("guides")
  void stages_follow_one_another_and_none_stands_twice(RearingGuide guide) {
    List<Milestone> row = guide.milestones();
    assertThat(row).extracting(Milestone::id).doesNotHaveDuplicates();
    for (int i = 1; i < row.size(); i++) {
      Range before = row.get(i - 1).timing().days();
      Range days = row.get(i).timing().days();
      assertThat(days.min()).as(row.get(i).id()).isGreaterThan(before.min());
      assertThat(days.max()).as(row.get(i).id()).isGreaterThan(before.max());
    }
  }

  @ParameterizedTest
  @MethodSource("guides")
  void a_change_of_form_is_preceded_by_its_dangers_and_what_changes_begins_at_a_stage(
      RearingGuide guide) {
    assertThat(guide.milestones())
        .filteredOn(m -> m.care().gillsGo() && m.care().eats())
        .allSatisfy(m -> assertThat(m.care().fastDays()).isPositive());
    guide.changes().weaning().ifPresent(w -> known(guide, w.at()));
    guide.changes().food().ifPresent(c -> known(guide, c.at()));
    assertThat(guide.housing()).extracting(Housing::kind).hasSize(3).doesNotHaveDuplicates();
    assertThat(guide.outcome().losses()).hasSizeGreaterThan(1);
  }

  private static void known(RearingGuide guide, String milestone) {
    assertThat(guide.milestone(milestone)).isPresent();
  }

  /**
   * Days from fertilisation at 22 to 24 °C, by Nieuwkoop and Faber 1956, Normal table of Xenopus
   * laevis, as remembered; hatching (stage 35/36) at 50 hours.
   */
  @ParameterizedTest(name = "{0} is stage {1}, after {2} days")
  @CsvSource({
    "swimming, 45, 4.083",
    "leg-buds, 50, 15",
    "hind-legs, 54, 26",
    "front-legs, 58, 44",
    "tail-going, 63, 51",
    "tail-gone, 66, 58"
  })
  void clawed_tadpoles_follow_the_table_of_nieuwkoop_and_faber(
      String milestone, String stage, double daysFromFertilisation) {
    Range days = milestone("clawed-frog", milestone).days(OptionalDouble.of(23));
    double published = daysFromFertilisation - 50.0 / 24;
    assertThat(days.middle()).isCloseTo(published, within(0.03 * published));
    assertThat(days.contains(published)).isTrue();
  }

  /**
   * Days from laying at 18 °C, by Gallien and Durocher 1957, Table chronologique du développement
   * chez Pleurodeles waltlii, as remembered; hatching (stage 34) after 13 days.
   */
  @ParameterizedTest(name = "{0} is stage {1}, after {2} days")
  @CsvSource({
    "eating, 38, 20",
    "front-legs, 43, 35",
    "hind-legs, 53, 71",
    "gills-going, 55b, 99",
    "on-land, 56, 120"
  })
  void newt_larvae_follow_the_table_of_gallien_and_durocher(
      String milestone, String stage, double daysFromLaying) {
    Range days = milestone("alpine-newt", milestone).days(OptionalDouble.of(18));
    double published = daysFromLaying - 13;
    assertThat(days.middle()).isCloseTo(published, within(0.03 * published));
    assertThat(days.contains(published)).isTrue();
  }

  /**
   * Embryos of the clawed frog take about twice as long at 16 as at 22 to 23 °C: Sive, Grainger and
   * Harland 2000, Early Development of Xenopus laevis, as remembered.
   */
  @Test
  void cold_water_slows_them_as_published() {
    Milestone swimming = milestone("clawed-frog", "swimming");
    double warm = swimming.days(OptionalDouble.of(22.5)).middle();
    double cold = swimming.days(OptionalDouble.of(17)).middle();
    assertThat(cold / warm).isBetween(1.6, 2.2);
  }

  @Test
  void degree_days_hold_no_farther_than_six_degrees_from_where_they_were_found() {
    Milestone swimming = milestone("clawed-frog", "swimming");
    assertThat(swimming.days(OptionalDouble.of(17)))
        .isEqualTo(swimming.days(OptionalDouble.of(10)));
    assertThat(swimming.days(OptionalDouble.of(29)))
        .isEqualTo(swimming.days(OptionalDouble.of(35)));
  }

  @Test
  void where_no_temperature_is_published_the_window_stands() {
    Milestone ridge = milestone("fire-salamander", "ridge");
    assertThat(ridge.days(OptionalDouble.of(12))).isEqualTo(new Range(6, 12));
    assertThat(ridge.timing().isByTemperature()).isFalse();
  }

  @ParameterizedTest(name = "{0} by the school {1}: {2}")
  @CsvSource({
    "fire-salamander, 'Singly in tubs, full change daily', SINGLY",
    "fire-salamander, 'Together, sized into boxes', BOXES",
    "dwarf-frog, Low water column, TOGETHER"
  })
  void housing_follows_the_school(String species, String school, Housing.Kind kind) {
    CareSheet sheet = CareLibrary.bundled().find(species).orElseThrow().as(school);
    assertThat(RearingGuide.of(sheet).orElseThrow().usual(sheet).kind()).isEqualTo(kind);
  }

  @ParameterizedTest(name = "{0} L: {1}")
  @CsvSource({"0.1, 1", "1.7, 5", "1.8, 6", "2.1, 6"})
  void a_box_of_dwarf_tadpoles_holds_by_its_water_and_never_more_than_six(double litres, int most) {
    Housing boxes = guide("dwarf-frog").housing(Housing.Kind.BOXES).orElseThrow();
    assertThat(boxes.mostIn(litres)).isEqualTo(most);
  }

  private static RearingGuide guide(String species) {
    return RearingGuide.of(CareLibrary.bundled().find(species).orElseThrow()).orElseThrow();
  }

  private static Milestone milestone(String species, String id) {
    return guide(species).milestone(id).orElseThrow();
  }
}
