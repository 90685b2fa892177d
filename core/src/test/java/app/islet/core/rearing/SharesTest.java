package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SharesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

  private static List<String> boxes(int count) {
    return IntStream.rangeClosed(1, count).mapToObj(i -> "Box " + i).toList();
  }

  @Test
  void thirty_nine_in_seven_are_four_of_six_and_three_of_five() {
    Shares shares = Shares.even(39, boxes(7));
    assertThat(shares.perBox().values()).containsExactlyInAnyOrder(6, 6, 6, 6, 5, 5, 5);
  }

  @Test
  void numbers_that_do_not_add_up_are_refused_with_both_sums() {
    assertThatThrownBy(() -> Shares.counted(39, boxes(7), List.of(6, 6, 6, 6, 5, 5, 4)))
        .hasMessage("Together that is 38, but there are 39 to share out.");
    assertThatThrownBy(() -> Shares.counted(39, boxes(7), List.of(20, 19)))
        .hasMessage("2 numbers for 7 boxes: say how many go into each.");
    assertThat(Shares.counted(39, boxes(7), List.of(6, 6, 6, 6, 5, 5, 5)).perBox())
        .containsEntry("Box 7", 5);
  }

  /** 35 siphoned, 12 to boxes, 23 stay; 27 more, 39 in seven boxes: 62 in all. */
  @Test
  void a_clutch_of_sixty_two_adds_up_at_every_step() {
    Ledger ledger =
        Ledger.of(List.of(Movement.begun(DAY, "Clutch", 35, Place.kept("Tank"))))
            .with(Shares.even(12, boxes(2)).movements(DAY, "Clutch", Map.of("Tank", 12)));
    assertThat(ledger.count("Clutch", "Tank", DAY)).isEqualTo(23);
    LocalDate later = DAY.plusDays(6);
    ledger = ledger.with(List.of(Movement.begun(later, "Clutch", 27, Place.kept("Tank"))));
    Map<String, Integer> taken = new LinkedHashMap<>(Map.of("Box 1", 6, "Box 2", 6, "Tank", 27));
    ledger = ledger.with(Shares.even(39, boxes(7)).movements(later, "Clutch", taken));
    assertThat(ledger.count("Clutch", "Tank", later)).isEqualTo(23);
    assertThat(ledger.census(later).heads()).isEqualTo(62);
    assertThat(ledger.count("Clutch", "Box 7", later)).isEqualTo(5);
  }

  @Test
  void whoever_may_stay_in_a_box_is_not_carried() {
    List<Movement> moved =
        Shares.even(12, boxes(2)).movements(DAY, "Clutch", Map.of("Box 1", 9, "Box 2", 3));
    assertThat(moved)
        .singleElement()
        .satisfies(m -> assertThat(m.count()).isEqualTo(3))
        .satisfies(m -> assertThat(m.from()).isEqualTo(Place.kept("Box 1")));
  }

  @Test
  void however_they_are_shared_out_none_is_lost_or_made() {
    Random random = new Random(7);
    for (int story = 0; story < 300; story++) {
      int sources = 1 + random.nextInt(5);
      List<Movement> begun = new ArrayList<>();
      Map<String, Integer> taken = new LinkedHashMap<>();
      int all = 0;
      int sharedOut = 0;
      for (int i = 1; i <= sources; i++) {
        int there = 1 + random.nextInt(40);
        int take = random.nextInt(there + 1);
        begun.add(Movement.begun(DAY, "Clutch", there, Place.kept("Box " + i)));
        taken.put("Box " + i, take);
        all += there;
        sharedOut += take;
      }
      List<String> targets = boxes(1 + random.nextInt(8));
      Ledger ledger =
          Ledger.of(begun).with(Shares.even(sharedOut, targets).movements(DAY, "Clutch", taken));
      assertThat(ledger.census(DAY).heads()).isEqualTo(all);
      for (String target : targets) {
        int stayed =
            begun.stream()
                .filter(m -> m.to().name().equals(target))
                .mapToInt(m -> m.count() - taken.getOrDefault(target, 0))
                .sum();
        assertThat(ledger.count("Clutch", target, DAY))
            .isEqualTo(stayed + Shares.even(sharedOut, targets).perBox().get(target));
      }
    }
  }

  @ParameterizedTest(name = "{0} to {1} cm: {2}")
  @CsvSource({"2.4, 3, NONE", "2.39, 3, UNLIKE", "0.91, 3, UNLIKE", "0.89, 3, SWALLOWED"})
  void tadpoles_are_parted_before_one_fits_another(
      double smallest, double largest, Parting.Why why) {
    // A mouth of 12 % and a body 40 % as wide as long: it fits from 0.3 of the length downwards.
    CareSheet sheet = CareLibrary.bundled().find("dwarf-frog").orElseThrow();
    Parting parting =
        Parting.of(
            sheet.body(),
            sheet.row().get(0).needs().group().sizeRatio(),
            new Sizes(smallest, largest));
    assertThat(parting.why()).isEqualTo(why);
  }
}
