package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.livestock.Appetite;
import app.islet.core.livestock.LastSeen;
import app.islet.core.text.Fields;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * What looks alarming and is not.
 *
 * @param with other signs that must be there too
 * @param stages in which it is normal; none for all
 * @param steps ids of what it needs meanwhile
 */
public record Normal(
    String sign,
    Set<AnimalGroup> groups,
    List<String> stages,
    List<String> with,
    List<String> steps,
    Limit limit,
    Words words,
    Evidence basis) {
  /**
   * Until when.
   *
   * @param days the last day on which it is normal, 1 for the first; 0 where no day ends it
   * @param appetite whether the days are those its group and stage may fast
   * @param hiding whether they are those its stage is usually unseen
   * @param changes whether it is normal only while a change of form is due
   */
  public record Limit(int days, boolean appetite, boolean hiding, boolean changes) {}

  /** Why it is normal, and the sign from which it no longer is. */
  public record Words(String why, String until) {}

  static Normal read(Fields f) {
    return new Normal(
        f.text("sign", 40),
        Set.copyOf(f.choices("groups", AnimalGroup.class)),
        f.texts("stages", 40),
        f.texts("with", 40),
        f.texts("steps", 40),
        new Limit(
            f.whole("days", 1, 365, "days", 0),
            f.flag("appetite", false),
            f.flag("hiding", false),
            f.flag("changes", false)),
        new Words(f.text("why", 120), f.text("until", 120)),
        Evidence.of(f.text("basis", 200)));
  }

  /** Whether it is about an animal of that kind and stage that shows these signs. */
  boolean fits(CareSheet sheet, Stage stage, Set<String> signs) {
    return signs.contains(sign)
        && groups.contains(sheet.group())
        && (stages.isEmpty() || stages.contains(stage.id()))
        && signs.containsAll(with)
        && (!limit.changes() || losesGills(sheet, stage));
  }

  /** Gills and tail go only where the next stage has none. */
  private static boolean losesGills(CareSheet sheet, Stage stage) {
    return stage.endsInChange()
        && sheet
            .next(stage)
            .filter(next -> next.needs().oxygen().filter(Needs.Oxygen::gills).isEmpty())
            .isPresent();
  }

  /** The last day on which it is normal; empty where no day ends it. */
  public OptionalInt lastDay(CareSheet sheet, Stage stage) {
    if (limit.appetite()) {
      return OptionalInt.of(Appetite.normalDays(sheet, stage, sheet.typicalLengthCm(stage)));
    }
    if (limit.hiding()) {
      return OptionalInt.of(LastSeen.usualDays(stage));
    }
    return limit.days() > 0 ? OptionalInt.of(limit.days()) : OptionalInt.empty();
  }
}
