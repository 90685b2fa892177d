package app.islet.web.page.animals;

import app.islet.core.animal.Measure;
import app.islet.core.animal.Resident;
import app.islet.core.livestock.Balance;
import app.islet.core.livestock.LastSeen;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Missing;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Presence;
import app.islet.core.livestock.Survival;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.drawing.ThenAndNow;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.Photo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * An animal or a group, with its life.
 *
 * @param picture at its size, beside its size before
 * @param balance what became of all there ever were; empty for a single animal that is here
 * @param life what happened, the newest first
 * @param sight when it was last seen
 * @param known of its sex, its age and where it came from
 * @param hints what to look at on its other pages
 * @param moreCompany how many more it was together with
 * @param mayUndo what was entered last and can be undone, in words; empty where nothing can
 */
record AnimalView(
    Animal animal,
    String words,
    String size,
    String picture,
    List<Home> homes,
    List<String> balance,
    List<Event> life,
    Sight sight,
    List<Together> company,
    int moreCompany,
    List<String> known,
    List<AnimalHint> hints,
    String mayUndo) {
  private static final double SURE_PERCENT = 95;

  /** Of those it was together with the latest are told. */
  private static final int MAX_COMPANY = 12;

  /** Where some of them are. */
  record Home(@Nullable Long enclosureId, String place, int count) {}

  /**
   * When it was last seen.
   *
   * @param words empty where nobody says
   * @param isAsked whether it is time to say if it is there
   * @param steps what to do about one that is missing; none of others
   */
  record Sight(String words, boolean isAsked, List<String> steps) {
    public boolean isMissing() {
      return !steps.isEmpty();
    }
  }

  /** One thing that happened. */
  record Event(LocalDate day, String when, String kind, String what, String note) {}

  /** What the life can be narrowed to. */
  enum Show {
    ALL,
    MOVES,
    SIZES,
    FOOD,
    REST;

    boolean has(Event e) {
      return switch (this) {
        case ALL -> true;
        case MOVES -> MOVED.contains(e.kind());
        case SIZES -> e.kind().equals("measured");
        case FOOD -> MEALS.contains(e.kind());
        case REST -> !MOVES.has(e) && !SIZES.has(e) && !FOOD.has(e);
      };
    }
  }

  private static final Set<String> MOVED = Set.of("moved", "left");
  private static final Set<String> MEALS = Set.of("fed", "refused");

  /** The life, narrowed. */
  List<Event> life(Show show) {
    return life.stream().filter(show::has).toList();
  }

  /** Who was in the same place, and when. */
  record Together(long id, String who, String place, String when) {}

  /**
   * @param animals names of all, by their keys
   */
  static AnimalView of(Subject s, Map<String, String> animals, Units u) {
    Animal animal = s.animal();
    Resident resident = s.resident();
    Ledger ledger = s.books().ledger();
    PlaceNames names = s.books().names();
    List<Presence> together = ledger.together(animal.key());
    return new AnimalView(
        animal,
        words(s),
        s.isEggs() ? "" : size(resident, u),
        s.isEggs() ? "" : picture(resident, s.facts().lengths(), u),
        names.homes(s.here()),
        balance(ledger.balanceOfAll(animal.key(), s.today()), animal.single()),
        life(s, animals, u),
        sight(s),
        together.stream()
            .sorted(Comparator.comparing(Presence::from).reversed())
            .limit(MAX_COMPANY)
            .map(
                p ->
                    new Together(
                        Long.parseLong(p.animals()),
                        animals.getOrDefault(p.animals(), p.animals()),
                        names.name(p.place()),
                        when(p.from(), p.until())))
            .toList(),
        Math.max(0, together.size() - MAX_COMPANY),
        KnownWords.of(s),
        AnimalHint.of(s, u),
        ledger.movements(animal.key()).isEmpty() ? "" : Messages.text("animals.undo-last"));
  }

  static String words(Subject s) {
    if (!s.isHere()) {
      return Messages.text("animals.none-here");
    }
    String number = Counted.words(s.here());
    String words = s.resident().words();
    return number.contains(" ") ? Messages.text("animals.not-sure", words, number) : words;
  }

  private static String when(LocalDate from, Optional<LocalDate> until) {
    return until
        .map(day -> English.day(from) + " to " + English.day(day))
        .orElse("since " + English.day(from));
  }

  static String size(Resident r, Units u) {
    String length =
        u.cm(r.bodyCm())
            + " "
            + r.sheet().group().measure()
            + (r.lengthCm().isPresent() ? "" : " (usual for the stage)");
    return length
        + ", "
        + u.grams(r.bodyG())
        + (r.massG().isPresent() ? "" : " (estimated from length)");
  }

  private static String picture(Resident r, List<Measure> lengths, Units u) {
    int count = lengths.size();
    if (count < 2) {
      return ThenAndNow.of(r, 0, "", u.cm(r.bodyCm()));
    }
    Measure before = lengths.get(count - 2);
    return ThenAndNow.of(r, before.lengthCm(), words(before, u), words(lengths.get(count - 1), u));
  }

  private static String words(Measure m, Units u) {
    return "%s, %s".formatted(u.cm(m.lengthCm()), English.shortDay(m.day()));
  }

  private static List<String> balance(Balance b, boolean single) {
    if (b.dead() + b.gone() == 0 || single && b.alive() == 1) {
      return List.of();
    }
    List<String> lines = new ArrayList<>();
    lines.add(
        Messages.text("animals.balance", b.begun() + b.joined(), b.alive(), b.dead(), b.gone()));
    b.died()
        .forEach(
            (cause, n) ->
                lines.add(
                    Messages.text(
                        "animals.died-of",
                        n,
                        cause.isEmpty() ? Messages.text("animals.cause-unknown") : cause)));
    b.left().forEach((way, n) -> lines.add(n + " " + LifeWords.way(way)));
    int begun = b.begun() + b.joined();
    if (b.dead() > 0 && begun > 1) {
      Survival s = Survival.of(begun, begun - b.dead(), SURE_PERCENT);
      lines.add(
          Messages.text(
              "animals.survival",
              Math.round(s.percent()),
              Math.round(s.lowPercent()),
              Math.round(s.highPercent())));
    }
    return lines;
  }

  /**
   * Said only of animals somebody enters sightings of: the others are seen and not written down.
   */
  private static Sight sight(Subject s) {
    LocalDate today = s.today();
    Optional<Missing> missing = s.missing();
    if (missing.isPresent()) {
      return new Sight(
          Messages.text(
              "animals.missing",
              English.capital(missing.get().words()),
              English.day(missing.get().askAgain())),
          true,
          missing.get().steps());
    }
    return LastSeen.of(s.resident().stage(), s.events(), s.resident().arrivedOn())
        .filter(seen -> s.isHere())
        .map(seen -> sight(seen, today))
        .orElse(new Sight("", false, List.of()));
  }

  private static Sight sight(LastSeen seen, LocalDate today) {
    String ago = English.count(seen.daysAgo(today), "day");
    String usual = English.count(seen.usualDays(), "day");
    boolean overdue = seen.isOverdue(today);
    return new Sight(
        overdue
            ? Messages.text("animals.is-it-there", ago, usual)
            : Messages.text("animals.last-seen", ago, usual),
        overdue,
        List.of());
  }

  /** What was undone, and what undid it, are not told; both stay on the books. */
  private static List<Movement> standing(List<Movement> history) {
    List<Movement> left = new ArrayList<>();
    for (Movement m : history) {
      Optional<Movement> undone =
          left.stream()
              .filter(
                  e ->
                      e.day().equals(m.day())
                          && e.animals().equals(m.animals())
                          && e.count() == m.count()
                          && e.from().equals(m.to())
                          && e.to().equals(m.from())
                          && e.cause().equals(m.cause()))
              .findFirst();
      undone.ifPresentOrElse(left::remove, () -> left.add(m));
    }
    return left;
  }

  private static List<Event> life(Subject s, Map<String, String> animals, Units u) {
    Animal animal = s.animal();
    Ledger ledger = s.books().ledger();
    PlaceNames names = s.books().names();
    List<Event> all = new ArrayList<>();
    for (Movement m : standing(ledger.history(animal.key()))) {
      boolean own = m.animals().equals(animal.key());
      String what =
          LifeWords.of(m, animal.single() && own, names, key -> animals.getOrDefault(key, key));
      all.add(
          new Event(
              m.day(),
              English.day(m.day()),
              m.to().isKept() ? "moved" : "left",
              own ? what : animals.getOrDefault(m.animals(), "") + ": " + what,
              m.note()));
    }
    for (Measurement m : s.sizes()) {
      String length = m.lengthCm() == null ? "" : u.cm(m.lengthCm());
      String mass = m.massG() == null ? "" : u.text(Quantity.grams(m.massG()));
      all.add(
          new Event(
              m.day(),
              English.day(m.day()),
              "measured",
              Messages.text(
                  "animals.measured-as",
                  length + (length.isEmpty() || mass.isEmpty() ? "" : ", ") + mass),
              ""));
    }
    for (Photo photo : s.photos()) {
      all.add(
          new Event(
              photo.day(),
              English.day(photo.day()),
              "photo",
              Messages.text("animals.photo-of", PhotosView.words(photo.shows())),
              photo.note()));
    }
    for (LifeEvent e : s.events()) {
      all.add(
          new Event(
              e.day(),
              English.day(e.day()),
              e.kind().name().toLowerCase(Locale.ROOT),
              LifeWords.of(e),
              e.note()));
    }
    all.sort(Comparator.comparing(Event::day));
    Collections.reverse(all);
    return all;
  }
}
