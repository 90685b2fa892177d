package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.text.English;
import app.islet.web.base.drawing.AnimalPicture;
import app.islet.web.base.drawing.Sparkline;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.reading.summary.MealDays;
import app.islet.web.store.animal.Measurement;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a list says of an animal as it is today.
 *
 * @param who as in {@code 3 axolotls (juvenile)}
 * @param picture the larger of a kind drawn larger; empty for eggs
 * @param grown lengths over time; empty where it was not measured twice
 * @param meals when it was fed and will be
 * @param next the stage it comes into, or that it is missing; empty where neither is known
 */
record AnimalNow(
    String who,
    String size,
    String picture,
    String grown,
    String meals,
    String next,
    boolean isMissing) {
  /** Of these, by their numbers. */
  static Map<Long, AnimalNow> of(
      List<Subject> subjects, Map<Long, MealDays.Days> meals, Units units) {
    Map<AnimalGroup, Double> longest = new HashMap<>();
    subjects.forEach(
        s ->
            longest.merge(
                s.resident().sheet().group(), s.resident().bodyCm(), (a, b) -> Math.max(a, b)));
    Map<Long, AnimalNow> now = new HashMap<>();
    for (Subject s : subjects) {
      Resident r = s.resident();
      now.put(
          s.animal().id(),
          new AnimalNow(
              AnimalView.words(s),
              s.isEggs() ? "" : AnimalView.size(r, units),
              s.isEggs() ? "" : AnimalPicture.of(r, longest.get(r.sheet().group())),
              grown(s.sizes(), units),
              meals(s, meals.get(s.animal().id())),
              next(s),
              s.missing().isPresent()));
    }
    return now;
  }

  private static String grown(List<Measurement> sizes, Units units) {
    List<Sparkline.Point> points =
        sizes.stream()
            .filter(m -> m.lengthCm() != null)
            .map(m -> new Sparkline.Point(m.day(), m.lengthCm()))
            .toList();
    if (points.size() < 2) {
      return "";
    }
    Sparkline.Point first = points.get(0);
    Sparkline.Point last = points.get(points.size() - 1);
    return Sparkline.of(
        points,
        Messages.text(
            "animals.grown",
            units.cm(first.value()),
            English.shortDay(first.day()),
            units.cm(last.value()),
            English.shortDay(last.day())));
  }

  private static String meals(Subject s, MealDays.Days days) {
    LocalDate today = s.today();
    if (s.isEggs()) {
      return "";
    }
    if (days.rests()) {
      return Messages.text("animals.rests");
    }
    String last =
        days.last()
            .map(day -> Messages.text("animals.fed", English.near(day, today)))
            .orElse(Messages.text("animals.never-fed"));
    return days.next()
        .map(day -> Messages.text("animals.fed-next", last, English.near(day, today)))
        .orElse(last);
  }

  private static String next(Subject s) {
    return s.missing()
        .map(missing -> English.capital(missing.words()))
        .or(
            () ->
                s.nextStage()
                    .filter(next -> next.earliest().isPresent())
                    .map(
                        next ->
                            Messages.text(
                                "animals.next-stage",
                                English.lower(next.next().name()),
                                next.when(s.today()))))
        .orElse("");
  }
}
