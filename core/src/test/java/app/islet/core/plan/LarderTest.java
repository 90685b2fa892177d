package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.Assessment;
import app.islet.core.Setups;
import app.islet.core.care.CultureKind;
import app.islet.core.care.FoodKeeping;
import app.islet.core.quantity.UnitSystem;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LarderTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final FoodAmount WORM = new FoodAmount("Earthworm", true, "worms", 0);
  private static final FoodAmount PELLETS = new FoodAmount("Pellets", false, "", 0);

  private static FoodNeeds.Need need(FoodAmount food, double aDay, int days) {
    return new FoodNeeds.Need(food, Collections.nCopies(days, aDay));
  }

  private static Larder.Line line(FoodNeeds.Need need, Larder.Stock... stock) {
    return Larder.line(DAY, need, List.of(stock), FoodKeeping.of(need.food()));
  }

  @Test
  void stock_that_lasts_needs_no_shopping() {
    Larder.Line line = line(need(PELLETS, 2, 14), new Larder.Stock(28, DAY.plusDays(60)));
    assertThat(line.emptyOn()).isEmpty();
    assertThat(line.buy()).isEmpty();
    assertThat(line.spoils()).isZero();
  }

  @Test
  void a_gram_less_is_short_on_the_last_day() {
    Larder.Line line = line(need(PELLETS, 2, 14), new Larder.Stock(27, DAY.plusDays(60)));
    assertThat(line.emptyOn()).contains(DAY.plusDays(13));
    assertThat(line.buy()).hasSize(1);
    assertThat(line.buy().get(0).amount().amount()).isCloseTo(1, within(1e-9));
  }

  @Test
  void what_spoils_does_not_count_and_what_spoils_first_is_eaten_first() {
    Larder.Line line =
        line(
            need(WORM, 3, 14),
            new Larder.Stock(42, DAY.plusDays(20)),
            new Larder.Stock(12, DAY.plusDays(1)));
    // Two days of the old ones: six are eaten, six spoil; the fresh ones last fourteen days.
    assertThat(line.spoils()).isEqualTo(6);
    assertThat(line.emptyOn()).isEmpty();
  }

  @Test
  void live_food_is_bought_as_long_as_it_keeps() {
    Larder.Line line = line(need(WORM, 3, 28));
    assertThat(line.buy()).extracting(Larder.Buy::by).containsExactly(DAY, DAY.plusDays(21));
    assertThat(line.buy()).extracting(b -> b.amount().amount()).containsExactly(63.0, 21.0);
  }

  @Test
  void what_two_enclosures_eat_adds_up() {
    Plan plan = Assessment.of(Setups.axolotlTank(), List.of(Setups.axolotls(2, 22)), DAY).plan();
    List<List<DueTask>> days = DayList.coming(DAY, 28, plan, DAY, List.of());
    FoodNeeds.Coming one = new FoodNeeds.Coming(plan, days);
    List<FoodNeeds.Need> alone = FoodNeeds.of(List.of(one), 28);
    List<FoodNeeds.Need> both = FoodNeeds.of(List.of(one, one), 28);
    assertThat(alone).isNotEmpty();
    for (int i = 0; i < alone.size(); i++) {
      assertThat(both.get(i).total().amount())
          .isCloseTo(2 * alone.get(i).total().amount(), within(1e-9));
    }
    double eaten =
        days.stream()
            .flatMap(List::stream)
            .flatMap(due -> plan.helping(due.task()).map(h -> h.amount(due.share())).stream())
            .mapToDouble(FoodAmount::amount)
            .sum();
    assertThat(alone.stream().mapToDouble(n -> n.total().amount()).sum())
        .isCloseTo(eaten, within(1e-9));
  }

  @Test
  void nobody_weighs_less_than_a_tenth_of_a_gram_or_buys_a_part_of_a_worm() {
    assertThat(new FoodAmount("Pellets", false, "", 0.069).words().text(UnitSystem.METRIC))
        .isEqualTo("0.1 g");
    assertThat(new FoodAmount("Earthworm", true, "worms", 2.5).words().text(UnitSystem.METRIC))
        .isEqualTo("3 worms");
  }

  @Test
  void a_hatchery_is_started_24_to_36_hours_before_and_a_pinch_is_the_least() {
    Hatchery small = new Hatchery(DAY, 560);
    assertThat(small.startAfter()).isEqualTo(LocalDateTime.of(2026, 2, 28, 20, 0));
    assertThat(small.startBefore()).isEqualTo(LocalDateTime.of(2026, 3, 1, 8, 0));
    assertThat(small.cystsG()).isEqualTo(0.1);
    assertThat(Hatchery.first(DAY.minusDays(1), 560)).as("larvae due on day 1").isEqualTo(small);
    Hatchery large = new Hatchery(DAY, 400_000);
    assertThat(large.cystsG()).isCloseTo(3, within(1e-9));
    assertThat(large.bottles()).isEqualTo(3);
    assertThat(large.recipe().text(UnitSystem.METRIC))
        .isEqualTo("3 g of eggs in 1.5 L of water with 37.5 g of salt");
    // 14 meals, 20 mL of 25 g/L each, in 10 L.
    assertThat(Hatchery.carriedPpt(10, 14)).isCloseTo(0.7, within(1e-9));
  }

  @Test
  void the_particular_word_counts_before_the_general_one() {
    assertThat(FoodKeeping.of("Frozen bloodworm").orElseThrow().word()).isEqualTo("bloodworm");
    assertThat(FoodKeeping.of("Chopped earthworm").orElseThrow().leftoverMinutes()).isEqualTo(20);
    assertThat(FoodKeeping.of("Something else")).isEmpty();
    assertThat(CultureKind.find(CultureKind.HATCHERY)).isPresent();
    assertThat(FoodKeeping.all()).extracting(FoodKeeping::word).doesNotHaveDuplicates();
  }

  @Test
  void every_food_of_the_sheets_is_kept_somehow() {
    List<String> unknown =
        app.islet.core.care.CareLibrary.bundled().all().stream()
            .flatMap(sheet -> sheet.stages().stream())
            .flatMap(stage -> stage.foods().stream())
            .map(food -> food.name())
            .filter(name -> FoodKeeping.of(name).equals(Optional.empty()))
            .distinct()
            .toList();
    assertThat(unknown).isEmpty();
  }
}
