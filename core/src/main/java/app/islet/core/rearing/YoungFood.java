package app.islet.core.rearing;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.core.text.Fields;

/**
 * One food of a stage.
 *
 * @param perMouth pieces for one animal at a meal; 0 where it is not counted
 * @param timesADay on the days it is given
 * @param everyDays 1 for daily
 */
public record YoungFood(Kind kind, int perMouth, int timesADay, int everyDays) {
  /** What it is; grams of a piece from memory. */
  public enum Kind {
    YOLK("Nothing: it lives on its yolk", 0),
    NONE("Nothing: it does not eat now", 0),
    POWDER("Powder", 0),
    NAUPLII("Newly hatched brine shrimp", 0.00002),
    SMALL_LIVE("Daphnia and small worms, live", 0.0005),
    CHOPPED_WORM("Chopped worm", 0.03),
    LAND_PREY("Springtails, fruit flies and pinhead crickets", 0.002),
    PELLETS("Crushed pellets", 0.002),
    FROZEN("Frozen bloodworm and daphnia", 0.004),
    LITTER("Leaf litter, always there", 0);

    private final String words;
    private final double gramsEach;

    Kind(String words, double gramsEach) {
      this.words = words;
      this.gramsEach = gramsEach;
    }

    public String words() {
      return words;
    }

    /** Whether somebody must bring it. */
    public boolean isGiven() {
      return this != YOLK && this != NONE && this != LITTER;
    }

    /** So many minutes after the meal somebody looks what is left; common practice, no source. */
    public int lookAfterMinutes() {
      return switch (this) {
        case NAUPLII, SMALL_LIVE -> 60;
        case CHOPPED_WORM, FROZEN -> 20;
        case PELLETS -> 10;
        default -> 120;
      };
    }

    /** Whether it is alive when it is given. */
    public boolean isLive() {
      return this == NAUPLII || this == SMALL_LIVE || this == LAND_PREY;
    }
  }

  static YoungFood read(Fields f) {
    return new YoungFood(
        f.choice("kind", Kind.class),
        f.whole("perMouth", 0, 1000, "pieces", 0),
        f.whole("timesADay", 0, 6, "times", 0),
        f.whole("everyDays", 1, 14, "days", 1));
  }

  /** Pieces for so many animals at a meal. */
  public int pieces(int animals) {
    return perMouth * animals;
  }

  /** Of it eaten by one animal in a day, g. */
  public double gramsADay() {
    return perMouth * kind.gramsEach * timesADay / everyDays;
  }

  /**
   * A meal in words, as in {@code Chopped worm: 6 pieces of 4 mm}.
   *
   * @param headCm width of a head: no piece is longer
   */
  public Phrase meal(int animals, double headCm) {
    if (!kind.isGiven() || perMouth == 0) {
      return Phrase.of(
          kind == Kind.POWDER ? "Powder: a pinch, gone before the next meal" : kind.words);
    }
    if (kind == Kind.NAUPLII) {
      return Phrase.of("Newly hatched brine shrimp, rinsed: about " + pieces(animals));
    }
    String pieces = English.count(pieces(animals), "piece");
    return kind == Kind.CHOPPED_WORM
        ? Phrase.of(
            "Chopped worm: " + pieces + " of {}", Quantity.mm(Math.max(1, Math.round(10 * headCm))))
        : Phrase.of(kind.words + ": " + pieces);
  }
}
