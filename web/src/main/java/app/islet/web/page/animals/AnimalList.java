package app.islet.web.page.animals;

import app.islet.core.care.CareLibrary;
import app.islet.core.livestock.Balance;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.text.English;
import app.islet.web.store.animal.Animal;
import java.time.LocalDate;
import java.util.List;

/**
 * All animals of a collection in a list.
 *
 * @param heads of those that are here
 */
record AnimalList(List<Row> rows, int heads, int gone) {
  /**
   * @param number as in {@code 3 to 5}, where not all were seen
   * @param where the places, with how many in each where there are several
   * @param here whether any of them are here still
   */
  record Row(
      long id, String name, String species, int count, String number, String where, boolean here) {}

  static AnimalList of(
      List<Animal> animals,
      Ledger ledger,
      CareLibrary library,
      PlaceNames names,
      LocalDate today,
      boolean goneToo) {
    List<Row> all =
        animals.stream().map(animal -> row(animal, ledger, library, names, today)).toList();
    return new AnimalList(
        all.stream().filter(row -> row.here() || goneToo).toList(),
        all.stream().filter(Row::here).mapToInt(Row::count).sum(),
        (int) all.stream().filter(row -> !row.here()).count());
  }

  private static Row row(
      Animal animal, Ledger ledger, CareLibrary library, PlaceNames names, LocalDate today) {
    Census census = ledger.census(animal.key(), today);
    boolean many = census.lines().size() > 1;
    String where =
        census.lines().stream()
            .map(line -> names.name(line.place()) + (many ? " (" + line.count() + ")" : ""))
            .collect(English.listing());
    return new Row(
        animal.id(),
        animal.name(),
        library.find(animal.species()).map(sheet -> sheet.name()).orElse(animal.species()),
        census.heads(),
        Counted.words(census),
        census.heads() > 0 ? where : left(ledger.balance(animal.key(), today)),
        census.heads() > 0);
  }

  /** As in {@code 3 sold, 1 died}. */
  static String left(Balance b) {
    StringBuilder words = new StringBuilder();
    if (b.dead() > 0) {
      words.append(b.dead()).append(" died");
    }
    b.left()
        .forEach(
            (way, n) ->
                words
                    .append(words.isEmpty() ? "" : ", ")
                    .append(n)
                    .append(' ')
                    .append(LifeWords.way(way)));
    if (b.parted() > 0) {
      words
          .append(words.isEmpty() ? "" : ", ")
          .append(b.parted())
          .append(" with a name of their own");
    }
    return words.toString();
  }
}
