package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.quantity.DayWindow;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class ExpectedTest {
  private static final OptionalDouble UNKNOWN = OptionalDouble.empty();

  private static CareSheet sheet(String species) {
    return CareLibrary.bundled().find(species).orElseThrow();
  }

  private static LifeEvent on(String day, LifeEvent.Kind kind) {
    return new LifeEvent(LocalDate.parse(day), kind, UNKNOWN, "");
  }

  private static DayWindow window(String from, String to) {
    return new DayWindow(LocalDate.parse(from), LocalDate.parse(to));
  }

  private static List<Expected> of(
      String species, boolean female, OptionalDouble tempC, String today, LifeEvent... events) {
    return Expected.of(
        new Expected.Breeders(sheet(species), female, tempC, false),
        List.of(events),
        LocalDate.parse(today));
  }

  /** Worked example: berried on 1 March, 28 to 61 days, 29 March to 1 May. */
  @Test
  void a_crab_berried_on_the_first_of_march() {
    List<Expected> all =
        of(
            "vampire-crab",
            true,
            UNKNOWN,
            "2027-04-01",
            on("2026-01-01", LifeEvent.Kind.BERRIED),
            on("2027-03-01", LifeEvent.Kind.BERRIED));
    assertThat(all)
        .singleElement()
        .satisfies(
            e -> {
              assertThat(e.what()).isEqualTo(Expected.What.BROOD);
              assertThat(e.window()).isEqualTo(window("2027-03-29", "2027-05-01"));
            });
  }

  /** The axolotl's sheet: 25 days at 14 °C, 13 at 22 °C, so 19 at 18 °C. */
  @Test
  void eggs_hatch_by_the_temperature_they_lie_at() {
    assertThat(of("axolotl", false, UNKNOWN, "2027-03-05", on("2027-03-01", LifeEvent.Kind.EGGS)))
        .singleElement()
        .extracting(Expected::window)
        .isEqualTo(window("2027-03-14", "2027-03-26"));
    assertThat(
            of(
                "axolotl",
                false,
                OptionalDouble.of(18),
                "2027-03-05",
                on("2027-03-01", LifeEvent.Kind.EGGS)))
        .singleElement()
        .extracting(Expected::window)
        .isEqualTo(window("2027-03-17", "2027-03-23"));
  }

  @Test
  void what_should_have_hatched_long_ago_is_no_news() {
    LifeEvent laid = on("2027-03-01", LifeEvent.Kind.EGGS);
    assertThat(of("axolotl", false, UNKNOWN, "2027-04-25", laid)).hasSize(1);
    assertThat(of("axolotl", false, UNKNOWN, "2027-04-26", laid)).isEmpty();
  }

  private static DayWindow season(String species, boolean south, String today) {
    return Expected.of(
            new Expected.Breeders(sheet(species), true, UNKNOWN, south),
            List.of(),
            LocalDate.parse(today))
        .get(0)
        .window();
  }

  @Test
  void the_season_that_is_on_or_the_next() {
    assertThat(season("slider", false, "2027-02-10")).isEqualTo(window("2027-04-01", "2027-07-31"));
    assertThat(season("slider", false, "2027-05-10")).isEqualTo(window("2027-04-01", "2027-07-31"));
    assertThat(season("slider", false, "2027-07-31")).isEqualTo(window("2027-04-01", "2027-07-31"));
    assertThat(season("slider", false, "2027-08-01")).isEqualTo(window("2028-04-01", "2028-07-31"));
  }

  @Test
  void it_lies_half_a_year_on_in_the_south_and_may_cross_the_year() {
    assertThat(season("slider", true, "2027-02-10")).isEqualTo(window("2027-10-01", "2028-01-31"));
    assertThat(season("axolotl", false, "2027-02-10"))
        .isEqualTo(window("2026-12-01", "2027-06-30"));
  }

  @Test
  void one_without_a_grown_female_has_no_season() {
    assertThat(of("slider", false, UNKNOWN, "2027-05-10")).isEmpty();
  }

  @Test
  void whoever_lays_the_whole_year_has_no_other_season() {
    assertThat(season("dwarf-frog", false, "2027-02-10"))
        .isEqualTo(window("2027-02-10", "2028-02-10"));
  }

  @Test
  void every_sheet_tells_the_sexes_of_its_species_apart_by_the_time_it_is_grown() {
    assertThat(CareLibrary.bundled().all())
        .allSatisfy(
            sheet ->
                assertThat(sheet.breeding().sexes())
                    .as(sheet.id())
                    .anyMatch(sign -> sign.showsAt(sheet.body().adultLengthCm())));
  }
}
