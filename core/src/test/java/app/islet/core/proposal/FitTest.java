package app.islet.core.proposal;

import static app.islet.core.Setups.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Recurrence;
import app.islet.core.enclosure.Site;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Before anybody buys: does the animal fit the room, and what does it take. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FitTest {
  private static CareSheet sheet(String id) {
    return CareLibrary.bundled().find(id).orElseThrow();
  }

  @Test
  void an_axolotl_in_a_hot_room_fits_only_with_a_chiller_that_costs() {
    Site hot = Site.room(28, 20);
    Fit without = Fit.of(sheet("axolotl"), hot, false, TODAY);
    assertThat(without.home()).isEmpty();
    assertThat(without.obstacle().orElseThrow().rule()).isEqualTo("too-warm-in-summer");
    assertThat(without.kwhALife()).isEmpty();
    Fit with = Fit.of(sheet("axolotl"), hot, true, TODAY);
    assertThat(with.home().orElseThrow().power()).anyMatch(p -> p.device().equals("chiller"));
    Fit cool = Fit.of(sheet("axolotl"), Site.room(18, 15), false, TODAY);
    assertThat(cool.home().orElseThrow().kwhAMonth()).isLessThan(with.home().get().kwhAMonth() / 2);
  }

  @Test
  void the_sheet_gives_room_by_stage_and_life() {
    Fit slider = Fit.of(sheet("slider"), Site.room(25, 18), true, TODAY);
    assertThat(slider.rooms())
        .extracting(r -> r.stage().id())
        .containsExactly("hatchling", "juvenile", "adult");
    assertThat(slider.rooms()).extracting(Fit.Room::floorCm2).isSorted();
    Fit.Home home = slider.home().orElseThrow();
    assertThat(home.minutesADay()).isBetween(2.0, 60.0);
    double years = slider.sheet().lifespan().years().middle();
    assertThat(slider.kwhALife().orElseThrow())
        .isCloseTo(home.kwhAMonth() * 12 * years, within(1e-6));
    assertThat(home.vessel().footprintCm2())
        .isGreaterThanOrEqualTo(slider.rooms().get(2).floorCm2());
  }

  @Test
  void every_species_has_a_room_it_fits() {
    List<Site> rooms = List.of(Site.room(25, 18), Site.room(20, 14), Site.room(17, 10));
    assertThat(CareLibrary.bundled().all())
        .allMatch(s -> rooms.stream().anyMatch(r -> Fit.of(s, r, true, TODAY).home().isPresent()));
  }

  @Test
  void work_is_counted_by_how_often_it_is_done() {
    assertThat(Recurrence.every(7).timesADay()).isCloseTo(1 / 7.0, within(1e-9));
    assertThat(Recurrence.timesADay(3).timesADay()).isEqualTo(3);
    assertThat(Recurrence.on(Set.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)).timesADay())
        .isCloseTo(2 / 7.0, within(1e-9));
  }
}
