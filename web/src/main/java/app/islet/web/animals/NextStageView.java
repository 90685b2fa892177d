package app.islet.web.animals;

import app.islet.core.livestock.NextStage;
import app.islet.core.proposal.Adjustment;
import app.islet.core.quantity.Phrase;
import app.islet.web.support.Units;
import java.util.List;
import java.util.Optional;

/**
 * The stage that comes next, in words.
 *
 * @param when the days it is expected
 * @param rows what is otherwise then
 * @param changes what the prepared change sets, and because of what
 * @param left what no number puts right
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
    boolean elsewhere) {
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
        next.now().habitat() != next.next().habitat() || s.isEggs());
  }

  private static String text(Optional<Phrase> phrase, Units u) {
    return phrase.map(u::text).orElse("–");
  }
}
