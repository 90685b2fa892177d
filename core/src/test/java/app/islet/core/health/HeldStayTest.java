package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Purpose;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HeldStayTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 1);
  private static final Place TANK = Place.kept("tank");
  private static final Place TUB = Place.kept("tub");
  private static final Map<String, Purpose> HOSPITAL = Map.of("tub", Purpose.HOSPITAL);

  private static List<HeldStay> stays(Ledger ledger, Map<String, Purpose> purposes, int day) {
    return HeldStay.of(ledger, purposes, animals -> new Range(42, 84), START.plusDays(day));
  }

  private static Ledger fellIll() {
    return Ledger.of(
        List.of(
            Movement.begun(START, "A", 1, TANK),
            Movement.begun(START, "B", 1, TANK),
            new Movement(START.plusDays(50), "A", 1, TANK, TUB, "", "")));
  }

  @Test
  void an_animal_in_hospital_still_belongs_to_the_tank_it_came_from() {
    assertThat(stays(fellIll(), HOSPITAL, 52))
        .singleElement()
        .satisfies(
            stay -> {
              assertThat(stay.animals()).isEqualTo("A");
              assertThat(stay.home()).contains("tank");
              assertThat(stay.day(START.plusDays(52))).isEqualTo(3);
              assertThat(stay.words(START.plusDays(52)))
                  .isEqualTo("Hospital tub, day 3 of 0 to 14.");
            });
  }

  @Test
  void who_came_and_fell_ill_on_one_day_belongs_where_it_came_to() {
    Ledger sameDay =
        Ledger.of(
            List.of(
                Movement.begun(START, "A", 1, TANK),
                new Movement(START, "A", 1, TANK, TUB, "", "")));
    assertThat(stays(sameDay, HOSPITAL, 0).get(0).home()).contains("tank");
  }

  @ParameterizedTest(name = "on day {0} after it came: long {1}")
  @CsvSource({"64, false", "65, true"})
  void a_hospital_tub_is_long_after_two_weeks(int day, boolean isLong) {
    assertThat(stays(fellIll(), HOSPITAL, day).get(0).isLong(START.plusDays(day)))
        .isEqualTo(isLong);
  }

  @Test
  void who_went_home_is_held_no_longer() {
    Ledger back =
        fellIll().with(List.of(new Movement(START.plusDays(60), "A", 1, TUB, TANK, "", "")));
    assertThat(stays(back, HOSPITAL, 60)).isEmpty();
    assertThat(stays(back, HOSPITAL, 59)).hasSize(1);
  }

  @ParameterizedTest(name = "on day {0}: may go {1}, long {2}")
  @CsvSource({"41, false, false", "42, true, false", "84, true, false", "85, true, true"})
  void a_newcomer_waits_the_weeks_of_its_kind_and_has_no_home_yet(
      int day, boolean free, boolean isLong) {
    Ledger newcomer = Ledger.of(List.of(Movement.begun(START, "A", 1, TUB)));
    HeldStay stay = stays(newcomer, Map.of("tub", Purpose.QUARANTINE), day).get(0);
    assertThat(stay.home()).isEmpty();
    assertThat(stay.isFree(START.plusDays(day))).isEqualTo(free);
    assertThat(stay.words(START.plusDays(day)))
        .endsWith(
            free ? "May go, if nothing showed." : "May go from 12 Feb 2027, if nothing shows.");
    assertThat(stay.isLong(START.plusDays(day))).isEqualTo(isLong);
  }
}
