package app.islet.core.water;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Equipment;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WhatIfTest {
  private static Map<String, WhatIf> of(int axolotls) {
    return WhatIf.of(
            HusbandryState.of(axolotlTank(), List.of(axolotls(axolotls, 22)), TODAY).waterState())
        .stream()
        .collect(Collectors.toMap(WhatIf::words, Function.identity()));
  }

  @Test
  void a_gentle_rinse_shows_nothing_and_new_media_all_at_once_do() {
    Map<String, WhatIf> all = of(2);
    assertThat(all.get("Media rinsed in tank water").clearAfterDays()).hasValue(0);
    WhatIf anew = all.get("All media new at once");
    assertThat(anew.clearAfterDays().orElseThrow()).isBetween(3, 59);
    assertThat(anew.mostAmmoniaMgPerL()).isGreaterThan(0.1);
  }

  @Test
  void the_more_is_lost_the_longer_it_takes() {
    Map<String, WhatIf> all = of(2);
    List<Integer> days =
        List.of(
                "Media rinsed in tank water",
                "Half of the media new",
                "Media rinsed under the tap",
                "All media new at once")
            .stream()
            .map(words -> all.get(words).clearAfterDays().orElseThrow())
            .toList();
    assertThat(days).isSorted();
  }

  @Test
  void a_full_change_leaves_the_filter_its_bacteria() {
    assertThat(of(2).get("All water changed, conditioned; the filter left alone").clearAfterDays())
        .hasValue(0);
  }

  @Test
  void without_waste_or_filter_there_is_nothing_to_lose() {
    assertThat(WhatIf.of(HusbandryState.of(axolotlTank(), List.of(), TODAY).waterState()))
        .isEmpty();
    assertThat(
            WhatIf.of(
                HusbandryState.of(
                        axolotlTank().with(new Equipment[0]), List.of(axolotls(2, 22)), TODAY)
                    .waterState()))
        .isEmpty();
  }
}
