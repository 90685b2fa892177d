package app.islet.core.rearing;

/**
 * What threatens the young in a stage.
 *
 * @param action what to do before it comes, one sentence
 */
public record Danger(Kind kind, String action) {
  /** How it is announced. */
  public enum Kind {
    BITES("They bite each other"),
    FILTER("Drawn into a filter"),
    CLIMBS_OUT("They climb out"),
    DROWNS("They can drown"),
    DRIES("They dry out"),
    HEAT("Too warm for them");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
