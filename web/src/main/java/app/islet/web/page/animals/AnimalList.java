package app.islet.web.page.animals;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Balance;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.web.base.support.Messages;
import app.islet.web.store.animal.Animal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * All animals of a collection, those of a kind or of a place together.
 *
 * @param heads of those that are here
 * @param gone how many names have nobody here any more
 */
record AnimalList(List<Group> groups, int heads, int gone) {
  /** By what they stand together. */
  enum By {
    KIND,
    PLACE
  }

  /** Where everybody is at the end of a day. */
  record Frame(Ledger ledger, PlaceNames names, CareLibrary library, LocalDate day) {}

  record Group(String name, int heads, List<Row> rows) {}

  /**
   * @param who what they are, as in {@code 3 to 5 axolotls}
   * @param homes where they are; none where they left
   * @param left what became of those that left, as in {@code 3 sold, 1 died}
   * @param now empty on a day that is over, and where nobody is here
   */
  record Row(
      long id,
      String name,
      String who,
      List<AnimalView.Home> homes,
      String left,
      Optional<AnimalNow> now) {
    int heads() {
      return homes.stream().mapToInt(AnimalView.Home::count).sum();
    }
  }

  /**
   * @param now what is known of those that are here today, by their numbers
   */
  static AnimalList of(
      List<Animal> animals, Frame frame, Map<Long, AnimalNow> now, By by, boolean goneToo) {
    Map<String, List<Row>> groups = new TreeMap<>();
    int heads = 0;
    int gone = 0;
    for (Animal animal : inOrder(animals, frame)) {
      Row row = row(animal, frame, Optional.ofNullable(now.get(animal.id())));
      heads += row.heads();
      gone += row.homes().isEmpty() ? 1 : 0;
      if (!row.homes().isEmpty() || goneToo) {
        groups.computeIfAbsent(group(animal, row, frame, by), g -> new ArrayList<>()).add(row);
      }
    }
    List<Group> all = new ArrayList<>();
    groups.forEach(
        (name, rows) -> all.add(new Group(name, rows.stream().mapToInt(Row::heads).sum(), rows)));
    return new AnimalList(all, heads, gone);
  }

  private static List<Animal> inOrder(List<Animal> animals, Frame frame) {
    return animals.stream()
        .sorted(Comparator.comparing((Animal a) -> kind(a, frame)).thenComparing(Animal::name))
        .toList();
  }

  private static String kind(Animal animal, Frame frame) {
    return frame.library().find(animal.species()).map(CareSheet::name).orElse(animal.species());
  }

  private static String group(Animal animal, Row row, Frame frame, By by) {
    if (by == By.KIND) {
      return frame
          .library()
          .find(animal.species())
          .map(sheet -> sheet.group().plural())
          .orElse(animal.species());
    }
    return row.homes().stream()
        .max(Comparator.comparingInt(AnimalView.Home::count))
        .map(AnimalView.Home::place)
        .orElse(Messages.text("animals.not-here"));
  }

  private static Row row(Animal animal, Frame frame, Optional<AnimalNow> now) {
    Census census = frame.ledger().census(animal.key(), frame.day());
    String who =
        census.heads() == 1
            ? kind(animal, frame)
            : Messages.text("animals.how-many", kind(animal, frame), Counted.words(census));
    return new Row(
        animal.id(),
        animal.name(),
        now.map(AnimalNow::who).orElse(census.heads() == 0 ? kind(animal, frame) : who),
        frame.names().homes(census),
        census.heads() > 0 ? "" : left(frame.ledger().balance(animal.key(), frame.day())),
        now);
  }

  /** As in {@code 3 sold, 1 died}. */
  private static String left(Balance b) {
    List<String> words = new ArrayList<>();
    if (b.dead() > 0) {
      words.add(b.dead() + " died");
    }
    b.left().forEach((way, n) -> words.add(n + " " + LifeWords.way(way)));
    if (b.parted() > 0) {
      words.add(b.parted() + " with a name of their own");
    }
    return String.join(", ", words);
  }
}
