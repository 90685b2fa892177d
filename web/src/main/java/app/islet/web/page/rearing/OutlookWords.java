package app.islet.web.page.rearing;

import app.islet.core.plan.Hatchery;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.rearing.Lessons;
import app.islet.core.rearing.Losses;
import app.islet.core.rearing.Outlook;
import app.islet.core.rearing.Readiness;
import app.islet.core.rearing.Tub;
import app.islet.core.rearing.YoungFood;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.store.rearing.BatchState;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is to come of a batch, and what it teaches, in sentences. */
final class OutlookWords {
  private OutlookWords() {}

  /** Empty while they are eggs, and when nobody is left. */
  static List<String> outlook(BatchState s, List<BatchState> finished, Units u) {
    if (s.timeline().isEmpty() || s.left() == 0 || s.batch().finishedOn().isPresent()) {
      return List.of();
    }
    List<Tub> tubs = s.inUse().stream().map(BatchState.TubNow::tub).toList();
    Outlook o =
        Outlook.of(
            s.kind().guide(),
            s.kind().housing(),
            s.timeline().get(),
            tubs,
            earlier(s, finished),
            s.minutesATub(),
            s.today());
    List<String> lines = new ArrayList<>();
    lines.add(
        Messages.text(
            "rearing.outlook.reach",
            (int) o.reach().min(),
            (int) o.reach().max(),
            s.left(),
            o.basis().words()));
    lines.add(
        Messages.text(
            "rearing.outlook.end",
            English.shortDay(o.end().from()),
            English.shortDay(o.end().to())));
    lines.add(
        Messages.text(
            "rearing.outlook.work",
            English.count(tubs.size(), "tub"),
            Math.max(1, Math.round(o.minutesADay())),
            u.text(new Quantity(Dimension.VOLUME, o.litresADay()))));
    o.foodG().forEach((food, g) -> lines.add(food(s, food, g, u)));
    o.tooSmall()
        .ifPresent(
            m -> lines.add(Messages.text("rearing.outlook.too-small", English.lower(m.name()))));
    return lines;
  }

  private static String food(BatchState s, YoungFood.Kind food, double g, Units u) {
    if (food == YoungFood.Kind.NAUPLII) {
      int each = s.naupliiADay();
      Hatchery hatchery = new Hatchery(s.today().plusDays(1), Math.max(1, each));
      return each > 0
          ? Messages.text("rearing.outlook.hatch", each, u.text(hatchery.recipe()))
          : Messages.text("rearing.outlook.hatch-later");
    }
    return Messages.text("rearing.outlook.food", food.words(), u.grams(g));
  }

  private static List<Outlook.Earlier> earlier(BatchState s, List<BatchState> finished) {
    long age = s.timeline().map(t -> t.ageDays(s.today())).orElse(0L);
    return finished.stream()
        .map(
            f -> {
              LocalDate then = BatchView.since(f).plusDays(age);
              Losses later = f.books().losses().since(then.plusDays(1));
              int alive = f.books().ledger().balanceOfAll(f.kind().animal().key(), then).alive();
              return new Outlook.Earlier(alive, Math.max(0, alive - later.count()));
            })
        .filter(e -> e.alive() > 0)
        .toList();
  }

  /** Empty while nothing was lost. */
  static List<String> lessons(BatchState s, List<BatchState> finished) {
    if (s.books().losses().count() == 0 && finished.isEmpty()) {
      return List.of();
    }
    Lessons lessons =
        Lessons.of(
            s.kind().guide(),
            s.books().losses(),
            finished.stream()
                .filter(f -> !f.batch().id().equals(s.batch().id()))
                .map(
                    f ->
                        new Lessons.Beside(
                            f.kind().animal().name(),
                            f.batch().housing(),
                            f.balance().begun(),
                            f.books().losses().count()))
                .filter(b -> b.begun() > 0)
                .toList());
    List<String> lines = new ArrayList<>();
    lessons
        .most()
        .ifPresent(
            m ->
                lines.add(
                    Messages.text(
                        "rearing.lesson.most",
                        m.cause(),
                        m.count(),
                        m.ofAll(),
                        m.remedy().orElse(""))));
    lessons
        .beside()
        .forEach(
            b ->
                lines.add(
                    Messages.text(
                        "rearing.lesson.beside",
                        b.name(),
                        English.lower(b.housing().words()),
                        b.begun() - b.lost(),
                        b.begun(),
                        Math.round(b.survival().percent()))));
    return lines;
  }

  /** Whether they may be handed on. */
  static List<String> ready(BatchState s, OptionalDouble smallestCm, Units u) {
    if (s.timeline().isEmpty() || s.left() == 0) {
      return List.of();
    }
    return Readiness.of(
            s.kind().guide(), s.kind().sheet(), s.timeline().get().beganOn(), smallestCm, s.today())
        .map(r -> ready(r, s.today(), u))
        .orElse(List.of());
  }

  private static List<String> ready(Readiness r, LocalDate today, Units u) {
    List<String> lines = new ArrayList<>();
    lines.add(
        r.oldEnough()
            ? Messages.text("rearing.ready.old-enough")
            : Messages.text(
                "rearing.ready.from",
                English.shortDay(r.readyOn()),
                English.count(ChronoUnit.DAYS.between(today, r.readyOn()), "day")));
    String length = u.cm(r.lengthCm());
    lines.add(
        r.largeEnough()
            .map(
                enough ->
                    enough
                        ? Messages.text("rearing.ready.large-enough", length)
                        : Messages.text("rearing.ready.too-small", length))
            .orElse(Messages.text("rearing.ready.measure", length)));
    lines.add(Messages.text("rearing.ready.takes", r.takes()));
    r.law().forEach(note -> lines.add(note.kind().word() + ": " + note.text()));
    return lines;
  }
}
