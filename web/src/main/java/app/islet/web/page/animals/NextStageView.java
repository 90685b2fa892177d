package app.islet.web.page.animals;

import app.islet.core.care.FoodKeeping;
import app.islet.core.livestock.NextStage;
import app.islet.core.plan.Hatchery;
import app.islet.core.proposal.Adjustment;
import app.islet.core.quantity.Phrase;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

/**
 * The stage that comes next, in words.
 *
 * @param when the days it is expected
 * @param rows what is otherwise then
 * @param changes what the prepared change sets, and because of what
 * @param left what no number puts right
 * @param hatchery when its first live food is started; empty where it needs none
 * @param elsewhere whether it needs another world than the one it lives in
 */
record NextStageView(
    String stage,
    String name,
    String when,
    boolean due,
    String signs,
    List<Row> rows,
    List<String> law,
    List<Line> changes,
    List<String> left,
    boolean elsewhere,
    String hatchery) {
  record Row(String about, String before, String after) {}

  /** A change and its reason. */
  record Line(String what, String because) {}

  static NextStageView of(Subject s, NextStage next, Optional<Adjustment> prepared, Units u) {
    return new NextStageView(
        next.next().id(),
        next.next().name(),
        next.when(s.today()),
        next.isDue(s.today()),
        next.next().signs(),
        next.differences().stream()
            .map(d -> new Row(d.about(), text(d.before(), u), text(d.after(), u)))
            .toList(),
        next.law().stream().map(note -> note.text()).toList(),
        prepared.stream()
            .flatMap(a -> a.steps().stream())
            .map(step -> new Line(u.text(step.remedy().text()), u.text(step.because().what())))
            .toList(),
        prepared.stream()
            .flatMap(a -> a.left().stream())
            .map(finding -> u.text(finding.what()))
            .toList(),
        next.now().habitat() != next.next().habitat() || s.isEggs(),
        hatchery(s, next));
  }

  /** When the first brine shrimp are started for what hatches; empty where it eats none. */
  private static String hatchery(Subject s, NextStage next) {
    boolean eats =
        s.isEggs()
            && next.next().foods().stream()
                .flatMap(food -> FoodKeeping.of(food.name()).stream())
                .anyMatch(keeping -> keeping.form() == FoodKeeping.Form.HATCHED);
    return next.earliest()
        .filter(day -> eats)
        .map(day -> Hatchery.first(day, 0))
        .map(
            first ->
                Messages.text(
                    "stage.hatchery",
                    English.weekday(first.day()),
                    English.moment(first.startAfter().atZone(ZoneOffset.UTC)),
                    English.moment(first.startBefore().atZone(ZoneOffset.UTC))))
        .orElse("");
  }

  private static String text(Optional<Phrase> phrase, Units u) {
    return phrase.map(u::text).orElse("–");
  }
}
