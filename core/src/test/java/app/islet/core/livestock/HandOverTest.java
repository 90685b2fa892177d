package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.document.HandOverJson;
import app.islet.core.water.WaterRecord;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class HandOverTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);

  private static LifeEvent event(int daysAgo, LifeEvent.Kind kind) {
    return new LifeEvent(TODAY.minusDays(daysAgo), kind, OptionalDouble.empty(), "");
  }

  @Test
  void the_last_meals_and_skins_are_told_the_newest_first() {
    List<LifeEvent> events = new ArrayList<>();
    for (int days = 1; days <= 7; days++) {
      events.add(event(days, days == 2 ? LifeEvent.Kind.REFUSED : LifeEvent.Kind.FED));
    }
    events.add(event(30, LifeEvent.Kind.SHED));
    events.add(event(0, LifeEvent.Kind.NOTE));
    HandOver sheet =
        HandOver.of(
            Setups.animals("slider", 1, 18), TODAY, Optional.empty(), WaterRecord.NONE, events);
    assertThat(sheet.meals()).hasSize(5);
    assertThat(sheet.meals().get(1).kind()).isEqualTo(LifeEvent.Kind.REFUSED);
    assertThat(sheet.skins()).extracting(LifeEvent::day).containsExactly(TODAY.minusDays(30));
    assertThat(sheet.water()).isEmpty();
  }

  @Test
  void law_that_holds_for_small_ones_only_is_told_of_them_only() {
    Resident small = Setups.animals("slider", 1, 5);
    Resident large = Setups.animals("slider", 1, 18);
    assertThat(
            HandOver.of(small, TODAY, Optional.empty(), WaterRecord.NONE, List.of()).law().size())
        .isGreaterThan(
            HandOver.of(large, TODAY, Optional.empty(), WaterRecord.NONE, List.of()).law().size());
  }

  @Test
  void what_is_not_known_is_left_out_of_the_file() {
    String json =
        HandOverJson.write(
            HandOver.of(
                Setups.animals("slider", 1, 18),
                TODAY,
                Optional.empty(),
                WaterRecord.NONE,
                List.of()));
    assertThat(json)
        .contains("\"lengthCm\" : 18.0", "\"water\" : [ ]", "\"meals\" : [ ]")
        .doesNotContain("massG", "hereSince");
  }
}
