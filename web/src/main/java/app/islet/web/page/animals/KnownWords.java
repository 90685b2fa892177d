package app.islet.web.page.animals;

import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Background;
import java.time.LocalDate;
import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is known of where an animal came from, how old it is and of which sex, line by line. */
final class KnownWords {
  private KnownWords() {}

  static List<String> of(Subject s) {
    List<String> lines = new ArrayList<>();
    Animal animal = s.animal();
    Background known = animal.background();
    sex(animal).ifPresent(lines::add);
    age(s).ifPresent(lines::add);
    if (known.origin() != null) {
      String how = Messages.text("about.origin-" + known.origin().name().toLowerCase(Locale.ROOT));
      lines.add(known.originNote().isEmpty() ? how : how + ", " + known.originNote());
    }
    return lines;
  }

  /** When it hatched and how old it is; empty where nobody knows. */
  static Optional<String> age(Subject s) {
    return s.dates().hatchedOn().map(day -> age(day, s.animal().background(), s.today()));
  }

  private static Optional<String> sex(Animal animal) {
    if (!animal.single() || animal.males() + animal.females() == 0) {
      return Optional.empty();
    }
    Background known = animal.background();
    String sex = Messages.text(animal.males() > 0 ? "about.male" : "about.female");
    String since =
        known.sexedOn() == null
            ? ""
            : ", " + Messages.text("animals.sexed", English.day(known.sexedOn()));
    String by = known.sexedBy().isEmpty() ? "" : " (" + known.sexedBy() + ")";
    return Optional.of(sex + since + by);
  }

  private static String age(LocalDate hatched, Background known, LocalDate today) {
    Period old = Period.between(hatched, today);
    String words =
        old.toTotalMonths() < 1
            ? English.count(Math.max(0, old.getDays()), "day")
            : old.getYears() < 2
                ? English.count((int) old.toTotalMonths(), "month")
                : English.count(old.getYears(), "year");
    return known.hatchedEstimated()
        ? Messages.text("animals.age-about", English.month(hatched), words)
        : Messages.text("animals.age", English.day(hatched), words);
  }
}
