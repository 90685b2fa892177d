package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContactTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
  private static final Place TANK = Place.kept("tank");
  private static final Place OTHER = Place.kept("other");

  private static Movement came(String who, int daysAgo, Place to) {
    return Movement.begun(TODAY.minusDays(daysAgo), who, 1, to);
  }

  @Test
  void whoever_shares_the_tank_is_in_contact_and_nobody_else() {
    Ledger ledger =
        Ledger.of(List.of(came("ill", 90, TANK), came("mate", 20, TANK), came("far", 90, OTHER)));
    assertThat(Contact.of(ledger, "ill", TODAY, TODAY))
        .containsExactly(new Contact("mate", "tank", TODAY, true));
  }

  @ParameterizedTest(name = "left {0} days before it showed: {1}")
  @CsvSource({"30, true", "31, false"})
  void contact_counts_from_a_month_before_it_showed(int daysAgo, boolean counts) {
    Ledger ledger =
        Ledger.of(
            List.of(
                came("ill", 200, TANK),
                came("mate", 200, TANK),
                new Movement(TODAY.minusDays(daysAgo), "mate", 1, TANK, OTHER, "", "")));
    assertThat(Contact.of(ledger, "ill", TODAY, TODAY)).hasSize(counts ? 1 : 0);
  }
}
