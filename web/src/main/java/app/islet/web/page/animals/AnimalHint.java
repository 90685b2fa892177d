package app.islet.web.page.animals;

import app.islet.core.care.AnimalGroup;
import app.islet.core.enclosure.Purpose;
import app.islet.core.health.Crossing;
import app.islet.core.health.HeldStay;
import app.islet.core.light.Timetable;
import app.islet.core.livestock.BaskingUse;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.NextStage;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * A line on the first page of an animal that leads to the one where it is told whole.
 *
 * @param page as in {@code growth}; empty where there is no more to it
 * @param grave whether something is to be done
 */
record AnimalHint(String text, String page, boolean grave) {
  /** A stage that comes within so many days is worth a word. */
  private static final int SOON_DAYS = 60;

  static List<AnimalHint> of(Subject s, Units u) {
    List<AnimalHint> all = new ArrayList<>();
    if (!s.isHere()) {
      return all;
    }
    s.held().ifPresent(stay -> all.add(held(stay, s)));
    s.skin().words(s.today()).forEach(line -> all.add(new AnimalHint(line, "skin", false)));
    ConditionWords condition = ConditionWords.of(s, u);
    if (condition.grave()) {
      condition.lines().forEach(line -> all.add(new AnimalHint(line, "growth", true)));
    }
    s.nextStage().filter(next -> isSoon(next, s.today())).ifPresent(next -> all.add(of(next, s)));
    ExpectedWords.young(s)
        .forEach(e -> all.add(new AnimalHint(e.what() + ": " + e.when() + ".", "about", false)));
    use(s).ifPresent(use -> all.add(new AnimalHint(words(use, u), "", false)));
    return all;
  }

  /** The clock of its days, and before they are over what a move might carry along. */
  private static AnimalHint held(HeldStay stay, Subject s) {
    String day = stay.words(s.today());
    if (stay.purpose() != Purpose.QUARANTINE || stay.isFree(s.today())) {
      return new AnimalHint(day, "", stay.isLong(s.today()));
    }
    String carries =
        s
            .books()
            .tables()
            .crossings(s.resident().sheet().group(), EnumSet.allOf(AnimalGroup.class))
            .stream()
            .map(Crossing::words)
            .collect(English.listing());
    return new AnimalHint(day + " " + Messages.text("health.held.carries", carries), "", false);
  }

  private static boolean isSoon(NextStage next, LocalDate today) {
    return next.earliest().map(day -> day.isBefore(today.plusDays(SOON_DAYS))).orElse(false);
  }

  private static AnimalHint of(NextStage next, Subject s) {
    return new AnimalHint(
        Messages.text(
            "stage.next-hint", next.next().name(), next.when(s.today()), next.next().signs()),
        "growth",
        false);
  }

  private static Optional<BaskingUse> use(Subject s) {
    if (s.events().stream().noneMatch(e -> e.kind() == LifeEvent.Kind.BASKING)) {
      return Optional.empty();
    }
    return s.home()
        .flatMap(
            home ->
                BaskingUse.of(
                    s.events(),
                    Timetable.baskingHours(home.design(), home.residents(), s.today()),
                    s.today()));
  }

  private static String words(BaskingUse use, Units u) {
    return Messages.text(
        "animals.basking-use",
        u.text(new Quantity(Dimension.HOURS, use.hours())),
        u.range(use.between(), Dimension.HOURS),
        use.basking(),
        use.seen());
  }
}
