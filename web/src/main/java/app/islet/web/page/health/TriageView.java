package app.islet.web.page.health;

import app.islet.core.health.AidStep;
import app.islet.core.health.HealthTables;
import app.islet.core.health.Normal;
import app.islet.core.health.Observed;
import app.islet.core.health.Sign;
import app.islet.core.health.Triage;
import app.islet.core.quantity.Phrase;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * What to make of signs, worded.
 *
 * @param id of the first sign, for the address of its answer
 * @param seen the signs
 * @param normal why it is normal and until when; none where something is not
 */
record TriageView(
    String id,
    String seen,
    List<String> normal,
    boolean urgent,
    List<String> steps,
    List<Likely> causes,
    String vet) {
  /** A cause, with what speaks for it, and what was tested that speaks against it; else empty. */
  record Likely(String words, String because, String against) {}

  static TriageView of(
      HealthTables tables,
      Patients.Ill ill,
      Set<String> signs,
      Observed.HowMany of,
      int day,
      Units u) {
    Observed observed = new Observed(ill.sheet(), ill.stage(), signs, of, day, ill.facts());
    Triage t = Triage.of(tables, observed);
    List<Sign> seen = tables.signs().stream().filter(s -> signs.contains(s.id())).toList();
    return new TriageView(
        seen.get(0).id(),
        seen.stream().map(Sign::words).collect(English.listing()),
        t.normal().stream().map(row -> normal(row, ill)).toList(),
        t.urgent(),
        t.steps().stream().map(AidStep::text).toList(),
        t.causes().stream()
            .map(
                likely ->
                    new Likely(
                        likely.cause().words(),
                        String.join("; ", likely.because().stream().map(b -> words(b, u)).toList()),
                        likely.against().orElse("")))
            .toList(),
        t.vet());
  }

  private static String normal(Normal row, Patients.Ill ill) {
    OptionalInt last = row.lastDay(ill.sheet(), ill.stage());
    return last.isPresent()
        ? Messages.text(
            "health.normal-days",
            row.words().why(),
            English.count(last.getAsInt(), "day"),
            row.words().until())
        : Messages.text("health.normal-until", row.words().why(), row.words().until());
  }

  private static String words(Object because, Units u) {
    return because instanceof Phrase phrase ? u.text(phrase) : String.valueOf(because);
  }
}
