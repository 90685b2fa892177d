package app.islet.core.health;

import app.islet.core.animal.HealthNote;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.text.English;
import app.islet.core.text.Fields;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Something a keeper can see.
 *
 * @param words plain, as a helper would say it
 * @param groups it is seen in
 * @param urgent whether the vet is called at once, whatever else is found
 * @param first ids of steps it asks for before anything is thought about
 * @param spares what the animal is spared until somebody knows what it is
 * @param only what an animal must have to show it; nothing for all of its groups
 */
public record Sign(
    String id,
    String words,
    Where where,
    Set<AnimalGroup> groups,
    boolean urgent,
    List<String> first,
    Set<Has> only,
    Set<HealthNote.Spared> spares,
    Evidence basis) {
  /** What not every animal of a group has. */
  public enum Has {
    GILLS,
    /** A tail, or gills, that go as it grows. */
    LARVA,
    /** A voice. */
    CALL,
    /** A shell that it borrows. */
    BORROWED_SHELL,
    /** Eggs, or what becomes of them: it is grown. */
    GROWN
  }

  /** Where on the body, or what else. */
  public enum Where {
    BEHAVIOUR("How it behaves"),
    HEAD("Head and eyes"),
    GILLS("Gills"),
    SKIN("Skin"),
    BODY("Body and legs"),
    SHELL("Shell"),
    WATER("Its water"),
    PEOPLE("People");

    private final String words;

    Where(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * What was seen of some animals and is not over, as work on the list of the day.
   *
   * @param id of the case
   * @param single whether it is one animal: of a group the others are fed and measured as ever
   */
  public static HealthNote note(long id, List<Sign> seen, LocalDate since, boolean single) {
    boolean urgent = seen.stream().anyMatch(Sign::urgent);
    return new HealthNote(
        "case:" + id,
        English.lower(seen.stream().map(Sign::words).collect(English.listing())),
        List.of(
            urgent
                ? "The vet at once."
                : "Better or worse? Write down what changed; no better in some days: the vet.",
            single ? "" : "Best in a tub of its own: the others go on as ever."),
        since,
        Optional.empty(),
        1,
        seen.stream()
            .filter(sign -> single)
            .flatMap(sign -> sign.spares().stream())
            .collect(Collectors.toSet()),
        urgent);
  }

  static Sign read(Fields f) {
    return new Sign(
        f.text("id", 40),
        f.text("words", 80),
        f.choice("where", Where.class),
        Set.copyOf(f.choices("groups", AnimalGroup.class)),
        f.flag("urgent", false),
        f.texts("first", 40),
        Set.copyOf(f.choices("only", Has.class)),
        Set.copyOf(f.choices("spares", HealthNote.Spared.class)),
        Evidence.of(f.text("basis", 200)));
  }

  /** Whether an animal of that kind and stage can show it. */
  boolean isOf(CareSheet sheet, Stage stage) {
    return groups.contains(sheet.group())
        && (only.isEmpty() || only.stream().anyMatch(has -> has(has, sheet, stage)));
  }

  private static boolean has(Has has, CareSheet sheet, Stage stage) {
    return switch (has) {
      case GILLS ->
          sheet.group() == AnimalGroup.SALAMANDER
              && stage.needs().oxygen().filter(Needs.Oxygen::gills).isPresent();
      case LARVA -> stage.isLarva();
      case CALL -> sheet.group() == AnimalGroup.FROG && stage.adult();
      case BORROWED_SHELL -> stage.needs().shelter().spareShells() > 0;
      case GROWN -> stage.adult();
    };
  }
}
