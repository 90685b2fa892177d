package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Random stories, told to the books and to the plainest possible count beside them. */
class LedgerPropertyTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 1);
  private static final int STORIES = 1_000;
  private static final int MANY = 20_000;
  private static final String[] ANIMALS = {"A", "B", "C"};
  private static final Place[] KEPT = {Place.kept("one"), Place.kept("two"), Place.kept("three")};
  private static final Place.Kind[] OUT = {
    Place.Kind.DIED, Place.Kind.SOLD, Place.Kind.GIVEN, Place.Kind.ESCAPED
  };

  /** What can be told of a story: it never takes more than is there. */
  private static final class Story {
    final List<List<Movement>> steps = new ArrayList<>();
    final Map<String, Integer> there = new HashMap<>();

    Story(Random random) {
      int length = 4 + random.nextInt(12);
      int day = 0;
      for (int n = 0; n < length; n++) {
        day += random.nextInt(3);
        step(random, START.plusDays(day));
      }
    }

    private void step(Random random, LocalDate day) {
      String animals = ANIMALS[random.nextInt(ANIMALS.length)];
      Place from = KEPT[random.nextInt(KEPT.length)];
      int have = have(animals, from);
      int what = random.nextInt(4);
      if (have == 0 || what == 0) {
        int count = 1 + random.nextInt(30);
        steps.add(List.of(Movement.begun(day, animals, count, from)));
        there.merge(animals + from.name(), count, Integer::sum);
        return;
      }
      int count = 1 + random.nextInt(have);
      there.merge(animals + from.name(), -count, Integer::sum);
      if (what == 1) {
        Place to = Place.out(OUT[random.nextInt(OUT.length)]);
        String cause = to.kind() == Place.Kind.DIED ? "cause " + random.nextInt(2) : "";
        steps.add(List.of(new Movement(day, animals, count, from, to, cause, "")));
      } else if (what == 2) {
        String other = animals.equals("A") ? "B" : "A";
        steps.add(Movement.handOver(day, animals, other, count, from, ""));
        there.merge(other + from.name(), count, Integer::sum);
      } else {
        Place to = from.equals(KEPT[0]) ? KEPT[1] : KEPT[0];
        steps.add(List.of(new Movement(day, animals, count, from, to, "", "")));
        there.merge(animals + to.name(), count, Integer::sum);
      }
    }

    int have(String animals, Place place) {
      return there.getOrDefault(animals + place.name(), 0);
    }
  }

  private static Ledger told(List<List<Movement>> steps) {
    Ledger ledger = Ledger.EMPTY;
    for (List<Movement> step : steps) {
      ledger = ledger.with(step);
    }
    return ledger;
  }

  private static void balances(Ledger ledger, LocalDate day) {
    for (String animals : ledger.animals()) {
      Balance b = ledger.balance(animals, day);
      assertThat(b.begun() + b.joined()).isEqualTo(b.alive() + b.dead() + b.gone() + b.parted());
      assertThat(b.begun()).isNotNegative();
      assertThat(b.died().values()).allMatch(n -> n > 0);
      assertThat(b.left().values()).allMatch(n -> n > 0);
      assertThat(ledger.census(animals, day).heads()).isEqualTo(b.alive());
    }
    assertThat(ledger.census(day).lines()).allMatch(line -> line.count() > 0);
  }

  @Test
  void no_story_gives_a_negative_or_unbalanced_census() {
    balanced(STORIES);
  }

  @Test
  @Tag("long")
  void no_story_of_many_gives_a_negative_or_unbalanced_census() {
    balanced(MANY);
  }

  private static void balanced(int stories) {
    Random random = new Random(17);
    for (int n = 0; n < stories; n++) {
      Story story = new Story(random);
      Ledger ledger = told(story.steps);
      for (int day = 0; day < 40; day += 4) {
        balances(ledger, START.plusDays(day));
      }
      for (String animals : ANIMALS) {
        for (Place place : KEPT) {
          assertThat(ledger.count(animals, place.name(), START.plusYears(1)))
              .isEqualTo(story.have(animals, place));
        }
      }
    }
  }

  @Test
  void in_whatever_order_it_is_entered_the_story_is_the_same() {
    Random random = new Random(18);
    for (int n = 0; n < 1000; n++) {
      Story story = new Story(random);
      List<Movement> all = story.steps.stream().flatMap(List::stream).toList();
      List<Movement> shuffled = new ArrayList<>(all);
      Collections.shuffle(shuffled, random);
      for (int day = 0; day < 40; day += 5) {
        LocalDate at = START.plusDays(day);
        assertThat(Ledger.of(shuffled).census(at).lines())
            .containsExactlyInAnyOrderElementsOf(told(story.steps).census(at).lines());
      }
    }
  }

  @Test
  void undoing_the_last_restores_every_day() {
    undone(STORIES);
  }

  @Test
  @Tag("long")
  void undoing_the_last_of_many_restores_every_day() {
    undone(MANY);
  }

  private static void undone(int stories) {
    Random random = new Random(19);
    for (int n = 0; n < stories; n++) {
      Story story = new Story(random);
      List<Movement> last = story.steps.get(story.steps.size() - 1);
      Ledger before = told(story.steps.subList(0, story.steps.size() - 1));
      Ledger undone = told(story.steps).with(last.stream().map(m -> m.reversed("undone")).toList());
      for (int day = 0; day < 40; day += 3) {
        LocalDate at = START.plusDays(day);
        assertThat(undone.census(at).lines())
            .containsExactlyInAnyOrderElementsOf(before.census(at).lines());
        for (String animals : before.animals()) {
          assertThat(undone.balance(animals, at)).isEqualTo(before.balance(animals, at));
        }
      }
    }
  }

  @Test
  void a_movement_of_one_more_than_there_are_is_always_refused() {
    Random random = new Random(20);
    for (int n = 0; n < 1000; n++) {
      Story story = new Story(random);
      Ledger ledger = told(story.steps);
      for (String animals : ANIMALS) {
        for (Place place : KEPT) {
          Movement most =
              new Movement(
                  START.plusYears(1),
                  animals,
                  story.have(animals, place) + 1,
                  place,
                  Place.out(Place.Kind.SOLD),
                  "",
                  "");
          assertThat(refused(ledger, most)).isTrue();
        }
      }
    }
  }

  private static boolean refused(Ledger ledger, Movement movement) {
    try {
      ledger.with(List.of(movement));
      return false;
    } catch (UnbalancedException told) {
      return true;
    }
  }
}
