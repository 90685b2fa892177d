package app.islet.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.build.Offer.Cost;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Things cost what they cost as they are sold: in whole bags and pieces. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OfferTest {
  private static BillLine line(Quantity... amounts) {
    return new BillLine("key", "Group", "Thing", List.of(amounts), Phrase.of(""), true);
  }

  private static Optional<Cost> cost(String typed, UnitSystem units, Quantity... amounts) {
    return Offer.read(typed).orElseThrow().of(line(amounts), units);
  }

  @ParameterizedTest
  @CsvSource({
    "12.50, 4, 1, 12.50",
    "2 for 9, 4, 2, 18",
    "2 for 9, 5, 3, 27",
    "2 for 9, 1, 1, 9",
    "owned, 3, 0, 0",
  })
  void pieces(String typed, double needed, long packs, BigDecimal sum) {
    assertThat(cost(typed, UnitSystem.METRIC, Quantity.count(needed)))
        .hasValueSatisfying(
            c -> {
              assertThat(c.packs()).isEqualTo(packs);
              assertThat(c.sum()).isEqualByComparingTo(sum);
            });
  }

  @Test
  void bags_by_litres_or_kilograms_in_either_system() {
    Quantity[] soil = {Quantity.litres(24), Quantity.kilograms(19.2)};
    assertThat(cost("10 L for 8.50", UnitSystem.METRIC, soil).orElseThrow().sum())
        .isEqualByComparingTo("25.50");
    assertThat(cost("10L for 8,50", UnitSystem.US, soil).orElseThrow().packs()).isEqualTo(3);
    assertThat(cost("5 kg for 4", UnitSystem.METRIC, soil).orElseThrow().packs()).isEqualTo(4);
    assertThat(cost("12 L for 6", UnitSystem.METRIC, soil).orElseThrow().packs()).isEqualTo(2);
  }

  @Test
  void a_pack_of_another_measure_has_no_cost() {
    assertThat(cost("3 W for 6", UnitSystem.METRIC, Quantity.litres(24))).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "a lot", "12.345", "-4", "2 for", "for 9", "2 for many", "=1+1"})
  void anything_else_is_no_offer(String typed) {
    assertThat(Offer.read(typed)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"12.50", "2 for 9", "10 L for 8.50", "owned"})
  void it_is_kept_as_it_is_typed(String typed) {
    assertThat(Offer.read(typed).orElseThrow().words()).isEqualTo(typed);
  }
}
