package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Six animals half a year in brackish water and six in fresh, one after the other. */
class IncidentsTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 1);
  private static final Place FRESH = Place.kept("fresh");
  private static final Place BRACKISH = Place.kept("brackish");

  private static Ledger books(int deathsInFresh) {
    Ledger ledger =
        Ledger.of(
            List.of(
                Movement.begun(START, "A", 20, FRESH), Movement.begun(START, "B", 20, BRACKISH)));
    for (int n = 0; n < deathsInFresh; n++) {
      ledger =
          ledger.with(
              List.of(
                  new Movement(
                      START.plusDays(180),
                      "A",
                      1,
                      FRESH,
                      Place.out(Place.Kind.DIED),
                      "fungus",
                      "")));
    }
    return ledger;
  }

  private static List<Incidents> rates(Ledger ledger, String cause) {
    List<String> both = List.of("A", "B");
    return Incidents.of(
        ledger, both, Incidents.deaths(ledger, both, cause), START, START.plusDays(181));
  }

  @Test
  void each_place_has_its_cases_and_its_animal_months() {
    List<Incidents> all = rates(books(6), "fungus");
    assertThat(all).extracting(Incidents::place).containsExactly("brackish", "fresh");
    assertThat(all.get(0).cases()).isZero();
    assertThat(all.get(0).animalMonths()).isCloseTo(20 * 182 / 30.44, within(1e-9));
    assertThat(all.get(1).cases()).isEqualTo(6);
    assertThat(all.get(1).animalMonths())
        .as("six were not there on the last two evenings")
        .isCloseTo((20 * 182 - 6 * 2) / 30.44, within(1e-9));
  }

  @Test
  void so_few_prove_nothing_and_more_do() {
    List<Incidents> few = rates(books(5), "fungus");
    assertThat(few.get(0).differsFrom(few.get(1))).isFalse();
    List<Incidents> many = rates(books(12), "fungus");
    assertThat(many.get(0).differsFrom(many.get(1))).isTrue();
  }

  @Test
  void another_cause_is_not_counted_and_what_was_undone_is_no_case() {
    assertThat(rates(books(6), "heat").get(1).cases()).isZero();
    assertThat(rates(books(6), "").get(1).cases()).isEqualTo(6);
    Movement one = books(1).movements("A").get(1);
    Ledger undone = books(1).with(List.of(one.reversed("")));
    assertThat(rates(undone, "fungus").get(1).cases()).isZero();
  }
}
