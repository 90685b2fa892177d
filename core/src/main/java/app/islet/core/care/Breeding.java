package app.islet.core.care;

import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.Month;
import java.util.List;
import java.util.Optional;

/**
 * How the sexes of a species are told and when it breeds.
 *
 * @param sexes by what a male or a female is told, the surest first
 */
public record Breeding(List<SexSign> sexes, Optional<Laying> laying, Optional<Carrying> carrying) {
  /** Nobody said anything of it. */
  public static final Breeding UNKNOWN =
      new Breeding(List.of(), Optional.empty(), Optional.empty());

  public Breeding {
    sexes = List.copyOf(sexes);
  }

  /**
   * A sign of a sex.
   *
   * @param look where on the body to look, which there is a drawing for
   * @param fromCm length from which it shows
   */
  public record SexSign(
      Sex sex, Look look, String sign, double fromCm, Surety surety, Evidence basis) {
    /** Whether it can show in an animal of that length. */
    public boolean showsAt(double lengthCm) {
      return lengthCm >= fromCm;
    }
  }

  public enum Sex {
    MALE,
    FEMALE
  }

  /** Where to look. */
  public enum Look {
    /** Tail and vent of a turtle, from below. */
    TAIL,
    /** Claws of a turtle's forefeet. */
    CLAWS,
    /** Lower shell, hollow or flat. */
    PLASTRON,
    /** Vent of a salamander, from below. */
    VENT,
    /** Crest and colours of a newt. */
    CREST,
    /** Arms and armpits of a frog. */
    ARMS,
    /** Flap under a crab's body. */
    APRON,
    /** Claws of a crab. */
    PINCERS,
    /** Head, eyes and throat. */
    HEAD,
    /** Size and shape of the whole animal. */
    SHAPE
  }

  /** How far a sign can be relied on. */
  public enum Surety {
    SURE("sure"),
    MOSTLY("mostly right"),
    HINT("a hint only");

    private final String words;

    Surety(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * When and where it lays.
   *
   * @param first the first month of it north of the equator
   * @param last the last month, which may lie in the year after
   * @param what is laid or born, as in {@code eggs}
   * @param where what must be there for it
   */
  public record Laying(Month first, Month last, String what, String where, Evidence basis) {
    /** Whether that month is in the season. */
    public boolean isIn(Month month, boolean south) {
      Month north = south ? month.plus(6) : month;
      return Math.floorMod(north.getValue() - first.getValue(), 12) < months();
    }

    private int months() {
      return Math.floorMod(last.getValue() - first.getValue(), 12) + 1;
    }

    /** Its months, as in {@code April to July}; north of the equator. */
    public String words() {
      return isAllYear()
          ? "all year"
          : "%s to %s".formatted(English.month(first), English.month(last));
    }

    /** Whether no month is out of season. */
    public boolean isAllYear() {
      return months() == 12;
    }
  }

  /**
   * How long eggs are carried until the young hatch.
   *
   * @param note what becomes of the young, and what they need then
   */
  public record Carrying(Range days, String note, Evidence basis) {}
}
