package app.islet.core.enclosure;

import app.islet.core.care.Medicine;
import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.Worded;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the keeper put into the water besides water.
 *
 * @param salt which kind, where there is any and somebody said
 * @param copperMgPerL as tested, mg/L
 * @param medicines that are in it now
 */
public record Additives(
    Optional<Salt> salt,
    @Between(of = Dimension.CONCENTRATION, min = 0, max = 100) OptionalDouble copperMgPerL,
    @Stored List<Medicine> medicines) {
  /** Nothing, as far as anybody said. */
  public static final Additives NONE =
      new Additives(Optional.empty(), OptionalDouble.empty(), List.of());

  /** Kinds of salt a keeper may take. */
  public enum Salt implements Worded {
    MARINE("marine salt"),
    TABLE("table salt"),
    AQUARIUM("plain aquarium salt");

    private final String words;

    Salt(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  public Additives {
    medicines = List.copyOf(medicines);
  }
}
