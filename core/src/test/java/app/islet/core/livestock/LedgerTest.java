package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LedgerTest {
  private static final LocalDate MARCH = LocalDate.of(2027, 3, 1);
  private static final Place TUB = Place.kept("Tub");
  private static final Place TANK = Place.kept("Tank");

  private static Movement move(int day, String animals, int count, Place from, Place to) {
    return new Movement(MARCH.plusDays(day), animals, count, from, to, "", "");
  }

  private static Movement died(int day, String animals, int count, Place from, String cause) {
    return new Movement(
        MARCH.plusDays(day), animals, count, from, Place.out(Place.Kind.DIED), cause, "");
  }

  private static Ledger batch() {
    return Ledger.of(
        List.of(
            Movement.begun(MARCH, "Clutch", 26, TUB),
            died(5, "Clutch", 5, TUB, "fungus"),
            died(9, "Clutch", 1, TUB, "bitten"),
            died(12, "Clutch", 1, TUB, "dried"),
            move(20, "Clutch", 12, TUB, TANK),
            move(30, "Clutch", 3, TANK, Place.out(Place.Kind.SOLD))));
  }

  @Test
  void a_batch_always_balances_and_says_by_cause_and_way() {
    Balance now = batch().balance("Clutch", MARCH.plusDays(40));
    assertThat(now.begun()).isEqualTo(26);
    assertThat(now.died()).isEqualTo(Map.of("fungus", 5, "bitten", 1, "dried", 1));
    assertThat(now.left()).isEqualTo(Map.of(Place.Kind.SOLD, 3));
    assertThat(now.alive()).isEqualTo(16);
    assertThat(batch().balance("Clutch", MARCH.plusDays(12)).alive()).isEqualTo(19);
  }

  @Test
  void the_census_of_any_day_follows() {
    assertThat(batch().census(MARCH.minusDays(1)).lines()).isEmpty();
    assertThat(batch().census(MARCH.plusDays(4)).lines())
        .containsExactly(new Census.Line("Clutch", "Tub", 26, 26));
    assertThat(batch().census(MARCH.plusDays(20)).lines())
        .containsExactly(
            new Census.Line("Clutch", "Tank", 12, 12), new Census.Line("Clutch", "Tub", 7, 7));
    assertThat(batch().census(MARCH.plusDays(99)).heads()).isEqualTo(16);
    assertThat(batch().census(MARCH.plusDays(99)).at("Tank").of("Clutch")).isEqualTo(9);
  }

  @Test
  void as_many_as_there_are_may_go_and_not_one_more() {
    assertThat(batch().with(List.of(move(31, "Clutch", 9, TANK, TUB))).census(MARCH.plusDays(31)))
        .isEqualTo(new Census(List.of(new Census.Line("Clutch", "Tub", 16, 16))));
    assertThatThrownBy(() -> batch().with(List.of(move(31, "Clutch", 10, TANK, TUB))))
        .isInstanceOf(UnbalancedException.class)
        .hasMessage("10 of Clutch cannot go from Tank on 1 April 2027: 9 are in Tank.");
  }

  @Test
  void what_is_entered_late_must_fit_what_came_after() {
    Movement sale = move(1, "Clutch", 7, TUB, Place.out(Place.Kind.SOLD));
    assertThat(batch().with(List.of(sale)).balance("Clutch", MARCH.plusDays(50)).alive())
        .isEqualTo(9);
    Movement more = move(1, "Clutch", 8, TUB, Place.out(Place.Kind.SOLD));
    assertThatThrownBy(() -> batch().with(List.of(more)))
        .hasMessage("12 of Clutch cannot go from Tub on 21 March 2027: 11 are in Tub.");
  }

  @Test
  void of_one_day_any_order_that_can_have_happened_will_do() {
    Ledger late =
        Ledger.of(List.of(move(0, "Frogs", 2, TUB, TANK), Movement.begun(MARCH, "Frogs", 2, TUB)));
    assertThat(late.count("Frogs", "Tank", MARCH)).isEqualTo(2);
    assertThatThrownBy(
            () ->
                Ledger.of(
                    List.of(
                        move(0, "Frogs", 2, TUB, TANK),
                        Movement.begun(MARCH.plusDays(1), "Frogs", 2, TUB))))
        .isInstanceOf(UnbalancedException.class)
        .hasMessageContaining("0 are in Tub");
  }

  @Test
  void a_reversing_entry_undoes_exactly_and_stays_on_the_books() {
    Movement death = died(15, "Clutch", 2, TUB, "heat");
    Ledger undone = batch().with(List.of(death)).with(List.of(death.reversed("was alive")));
    for (int day = 0; day < 40; day++) {
      assertThat(undone.census(MARCH.plusDays(day))).isEqualTo(batch().census(MARCH.plusDays(day)));
      assertThat(undone.balance("Clutch", MARCH.plusDays(day)))
          .isEqualTo(batch().balance("Clutch", MARCH.plusDays(day)));
    }
    assertThat(undone.movements("Clutch")).hasSize(8);
  }

  @Test
  void one_death_cannot_undo_another() {
    assertThatThrownBy(() -> batch().with(List.of(died(5, "Clutch", 2, TUB, "x").reversed(""))))
        .isInstanceOf(UnbalancedException.class)
        .hasMessageContaining("0 are on the books as died (x)");
    assertThatThrownBy(
            () -> batch().with(List.of(died(9, "Clutch", 2, TUB, "bitten").reversed(""))))
        .hasMessageContaining("1 is on the books as died (bitten)");
  }

  @Test
  void no_more_can_be_taken_back_than_had_begun() {
    Ledger three = Ledger.of(List.of(Movement.begun(MARCH, "Frogs", 3, TUB)));
    Movement all = Movement.begun(MARCH, "Frogs", 3, TUB).reversed("miscounted");
    assertThat(three.with(List.of(all)).balance("Frogs", MARCH).begun()).isZero();
    assertThatThrownBy(() -> three.with(List.of(all, all)))
        .isInstanceOf(UnbalancedException.class)
        .hasMessageContaining("had begun");
  }

  @Test
  void who_is_singled_out_takes_the_history_along_and_stays_of_the_batch() {
    Ledger named =
        batch().with(Movement.handOver(MARCH.plusDays(25), "Clutch", "Pip", 1, TANK, ""));
    LocalDate later = MARCH.plusDays(40);
    assertThat(named.census("Pip", later).lines())
        .containsExactly(new Census.Line("Pip", "Tank", 1, 1));
    assertThat(named.balance("Clutch", later).parted()).isEqualTo(1);
    assertThat(named.balance("Pip", later).joined()).isEqualTo(1);
    assertThat(named.offshoots("Clutch")).containsExactly("Clutch", "Pip");
    assertThat(named.balanceOfAll("Clutch", later)).isEqualTo(batch().balance("Clutch", later));
    assertThat(named.history("Pip")).hasSize(6);
    assertThat(named.history("Pip").get(0)).isEqualTo(Movement.begun(MARCH, "Clutch", 26, TUB));
  }

  @Test
  void a_split_and_then_a_merge_change_nothing() {
    LocalDate day = MARCH.plusDays(25);
    Ledger back =
        batch()
            .with(Movement.handOver(day, "Clutch", "Pip", 4, TANK, ""))
            .with(Movement.handOver(day, "Pip", "Clutch", 4, TANK, ""));
    assertThat(back.census(day)).isEqualTo(batch().census(day));
    Balance now = back.balance("Clutch", day);
    assertThat(now.parted()).isZero();
    assertThat(now.joined()).isZero();
    assertThat(back.balanceOfAll("Clutch", day)).isEqualTo(batch().balance("Clutch", day));
  }

  @Test
  void what_one_hands_over_the_other_takes() {
    List<Movement> sides = Movement.handOver(MARCH, "Clutch", "Pip", 1, TUB, "");
    assertThatThrownBy(() -> batch().with(sides.subList(0, 1)))
        .isInstanceOf(UnbalancedException.class)
        .hasMessageContaining("Clutch and Pip")
        .hasMessageContaining("differ by 1");
  }

  @Test
  void a_count_that_saw_fewer_leaves_the_rest_only_believed() {
    Ledger seen = batch().counted(new Tally(MARCH.plusDays(21), "Clutch", "Tub", 4));
    assertThat(seen.census(MARCH.plusDays(21)).at("Tub").lines())
        .containsExactly(new Census.Line("Clutch", "Tub", 7, 4));
    assertThat(seen.census(MARCH.plusDays(20)).at("Tub").lines().get(0).isSure()).isTrue();
    // One that leaves was seen; one that comes is.
    Ledger fewer = seen.with(List.of(move(23, "Clutch", 1, TUB, TANK)));
    assertThat(fewer.census(MARCH.plusDays(23)).at("Tub").lines())
        .containsExactly(new Census.Line("Clutch", "Tub", 6, 3));
    Ledger all = seen.counted(new Tally(MARCH.plusDays(24), "Clutch", "Tub", 7));
    assertThat(all.census(MARCH.plusDays(24)).at("Tub").lines().get(0).isSure()).isTrue();
    assertThatThrownBy(() -> batch().counted(new Tally(MARCH.plusDays(21), "Clutch", "Tub", 8)))
        .hasMessageContaining("8 of Clutch were seen in Tub")
        .hasMessageContaining("the books have 7 there");
  }

  @Test
  void who_was_together_with_whom_and_when() {
    Ledger two =
        batch()
            .with(
                List.of(
                    Movement.begun(MARCH.plusDays(10), "Newt", 1, TANK),
                    move(28, "Newt", 1, TANK, TUB)));
    assertThat(two.together("Newt"))
        .containsExactly(
            new Presence("Clutch", "Tank", MARCH.plusDays(20), Optional.of(MARCH.plusDays(28))),
            new Presence("Clutch", "Tub", MARCH.plusDays(28), Optional.empty()));
    // Out in the morning, in at night: they did not meet.
    Ledger missed =
        batch()
            .with(
                List.of(
                    Movement.begun(MARCH.plusDays(1), "Newt", 1, TANK),
                    move(20, "Newt", 1, TANK, Place.out(Place.Kind.GIVEN))));
    assertThat(missed.together("Newt")).isEmpty();
  }

  @Test
  void days_of_animals_are_summed_over_their_stays() {
    // 26 x 5, 21 x 4, 20 x 3, 19 x 8 days, then 7.
    assertThat(batch().animalDays(List.of("Clutch"), List.of("Tub"), MARCH, MARCH.plusDays(19)))
        .isEqualTo(26 * 5 + 21 * 4 + 20 * 3 + 19 * 8);
    assertThat(
            batch()
                .animalDays(
                    List.of("Clutch"), List.of("Tub"), MARCH.plusDays(18), MARCH.plusDays(21)))
        .isEqualTo(19 * 2 + 7 * 2);
    assertThat(
            batch()
                .animalDays(
                    List.of("Clutch"), List.of("Tank"), MARCH.minusDays(9), MARCH.minusDays(1)))
        .isZero();
  }

  @Test
  void an_entry_that_moves_nobody_is_refused() {
    assertThatThrownBy(() -> move(0, "Clutch", 0, TUB, TANK))
        .hasMessageContaining("the count is 0");
    assertThatThrownBy(() -> move(0, "Clutch", 1, TUB, TUB)).hasMessageContaining("the same");
    assertThatThrownBy(() -> move(0, " ", 1, TUB, TANK)).hasMessageContaining("which animals");
  }

  @Test
  void when_they_came_is_the_last_coming_that_was_not_undone() {
    LocalDate later = MARCH.plusDays(40);
    assertThat(batch().arrivedOn("Clutch", "Tank", later)).contains(MARCH.plusDays(20));
    Ledger more = batch().with(List.of(move(25, "Clutch", 2, TUB, TANK)));
    assertThat(more.arrivedOn("Clutch", "Tank", later)).contains(MARCH.plusDays(25));
    assertThat(more.arrivedOn("Clutch", "Tank", MARCH.plusDays(24))).contains(MARCH.plusDays(20));
    Ledger undone = more.with(List.of(move(25, "Clutch", 2, TUB, TANK).reversed("")));
    assertThat(undone.arrivedOn("Clutch", "Tank", later)).contains(MARCH.plusDays(20));
    // There and back again, undone: the tub was never left.
    Move away = new Move(move(26, "Clutch", 7, TUB, TANK));
    assertThat(away.doneAndUndone(batch()).arrivedOn("Clutch", "Tub", later)).contains(MARCH);
  }

  private record Move(Movement movement) {
    Ledger doneAndUndone(Ledger ledger) {
      return ledger.with(List.of(movement)).with(List.of(movement.reversed("")));
    }
  }

  @Test
  void who_is_singled_out_came_when_its_group_did() {
    Ledger named =
        batch().with(Movement.handOver(MARCH.plusDays(25), "Clutch", "Pip", 1, TANK, ""));
    assertThat(named.arrivedOn("Pip", "Tank", MARCH.plusDays(40))).contains(MARCH.plusDays(20));
    Ledger moved = named.with(List.of(move(30, "Pip", 1, TANK, TUB)));
    assertThat(moved.arrivedOn("Pip", "Tub", MARCH.plusDays(40))).contains(MARCH.plusDays(30));
    assertThat(moved.arrivedOn("Nobody", "Tub", MARCH)).isEmpty();
  }
}
