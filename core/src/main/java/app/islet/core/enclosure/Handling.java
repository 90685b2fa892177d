package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.Worded;
import java.util.Optional;

/**
 * How the keeper handles this water.
 *
 * @param conditioner the one used, where its label is known
 * @param proof when the filter counts as cycled, by the school followed
 */
public record Handling(Optional<Conditioner> conditioner, @Stored(usual = "WEEK") Proof proof) {
  /** No label known, and a week of clear tests as proof. */
  public static final Handling USUAL = new Handling(Optional.empty(), Proof.WEEK);

  /**
   * What the label of a conditioner says.
   *
   * @param ml for so many {@code litres} of new water
   * @param chloramine whether it says that it takes chloramine too
   */
  public record Conditioner(
      @Between(of = Dimension.DOSE, min = 0.01, max = 1000) double ml,
      @Between(of = Dimension.VOLUME, min = 0.1, max = 100000) double litres,
      boolean chloramine) {}

  /** What a school asks of a filter before an animal moves in. */
  public enum Proof implements Worded {
    WEEK("a week of tests without ammonia and nitrite"),
    DOSE("a dose of ammonia gone within a day");

    private final String words;

    Proof(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }
}
