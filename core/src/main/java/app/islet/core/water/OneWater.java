package app.islet.core.water;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.util.OptionalDouble;

/**
 * One water of an enclosure, of which each is judged and changed by itself.
 *
 * @param name what it is called, as in {@code the water} or {@code dish 2}
 * @param waterL absent where nobody said how wide it is
 * @param depthCm where it is deepest
 * @param areaCm2 of its surface; absent where nobody said
 * @param salinityPpt g/kg, the newest test before the design
 * @param isDish whether it is lifted out to be emptied
 */
public record OneWater(
    Phrase name,
    OptionalDouble waterL,
    double depthCm,
    OptionalDouble areaCm2,
    double salinityPpt,
    boolean isDish) {
  /** Up to this it counts as fresh, g/kg; common practice, no source. */
  public static final double FRESH_PPT = 1;

  /** From this on it is a salt pool, g/kg; common practice, no source. */
  public static final double SALT_PPT = 20;

  /** Below this nobody salted it on purpose, g/kg; common practice, no source. */
  public static final double SALTED_PPT = 0.5;

  /** As in {@code 0.8 L, 4 cm deep, 35 g/kg of salt}. */
  public Phrase words() {
    Phrase salt =
        isSalted()
            ? Phrase.of("{} of salt", new Quantity(Dimension.SALINITY, salinityPpt))
            : Phrase.of("fresh");
    Phrase deep = Phrase.of("{} deep, {}", Quantity.cm(depthCm), salt);
    return waterL.isPresent()
        ? Phrase.of("{}, {}", Quantity.litres(waterL.getAsDouble()), deep)
        : deep;
  }

  public boolean isSalted() {
    return salinityPpt >= SALTED_PPT;
  }
}
