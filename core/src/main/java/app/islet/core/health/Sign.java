package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.text.Fields;
import java.util.List;
import java.util.Set;

/**
 * Something a keeper can see.
 *
 * @param words plain, as a helper would say it
 * @param groups it is seen in
 * @param urgent whether the vet is called at once, whatever else is found
 * @param first ids of steps it asks for before anything is thought about
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

  static Sign read(Fields f) {
    return new Sign(
        f.text("id", 40),
        f.text("words", 80),
        f.choice("where", Where.class),
        Set.copyOf(f.choices("groups", AnimalGroup.class)),
        f.flag("urgent", false),
        f.texts("first", 40),
        Set.copyOf(f.choices("only", Has.class)),
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
