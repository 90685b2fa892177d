package app.islet.core.care;

import java.util.OptionalDouble;

/**
 * A caution on law and release, in general terms: what holds is what the local authority says.
 *
 * @param belowCm length below which it applies; always where absent
 */
public record LawNote(Kind kind, String text, OptionalDouble belowCm, Evidence basis) {
  /** What a note is about. */
  public enum Kind {
    PROTECTED("Protected"),
    INVASIVE("Invasive"),
    SALE("Sale"),
    ORIGIN("Origin"),
    RELEASE("Release");

    private final String word;

    Kind(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  /** Whether it applies to an animal of that length. */
  public boolean holdsFor(double lengthCm) {
    return belowCm.isEmpty() || lengthCm < belowCm.getAsDouble();
  }
}
