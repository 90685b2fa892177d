package app.islet.core.enclosure;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.FreePlaces.Box;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Things are set down beside each other, never on one another. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FreePlacesTest {
  private static final Box FLOOR = new Box(10, 0, 30, 20);

  @Test
  void the_first_lies_where_it_is_wanted() {
    assertThat(new FreePlaces().free(FLOOR, 10, 10, 0, 1)).contains(new Box(10, 10, 10, 10));
    assertThat(new FreePlaces().free(FLOOR, 10, 10, 0.5, 0)).contains(new Box(20, 0, 10, 10));
  }

  @Test
  void the_next_keeps_off_it_until_the_floor_is_full() {
    FreePlaces spots = new FreePlaces();
    int set = 0;
    Optional<Box> spot = spots.free(FLOOR, 9, 9, 0.5, 0.5);
    while (spot.isPresent()) {
      Box box = spot.get();
      assertThat(box.x()).isBetween(FLOOR.x(), FLOOR.x() + FLOOR.length() - 9);
      assertThat(box.y()).isBetween(FLOOR.y(), FLOOR.y() + FLOOR.width() - 9);
      spots.take(box);
      set++;
      spot = spots.free(FLOOR, 9, 9, 0.5, 0.5);
    }
    assertThat(set).isBetween(2, 6);
  }

  @Test
  void what_is_larger_than_the_floor_has_no_place() {
    assertThat(new FreePlaces().free(FLOOR, 31, 5, 0, 0)).isEmpty();
    assertThat(new FreePlaces().free(FLOOR, 30, 20, 0, 0)).contains(FLOOR);
  }
}
