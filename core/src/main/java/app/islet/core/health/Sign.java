package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
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
 */
public record Sign(
    String id,
    String words,
    Where where,
    Set<AnimalGroup> groups,
    boolean urgent,
    List<String> first,
    Evidence basis) {
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
        Evidence.of(f.text("basis", 200)));
  }
}
