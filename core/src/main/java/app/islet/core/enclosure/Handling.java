package app.islet.core.enclosure;

import java.util.Optional;

/**
 * How the keeper handles this water.
 *
 * @param conditioner the one used, where its label is known
 * @param proof when the filter counts as cycled, by the school followed
 */
public record Handling(Optional<Conditioner> conditioner, Proof proof) {
  /** No label known, and a week of clear tests as proof. */
  public static final Handling USUAL = new Handling(Optional.empty(), Proof.WEEK);

  /**
   * What the label of a conditioner says.
   *
   * @param ml for so many {@code litres} of new water
   * @param chloramine whether it says that it takes chloramine too
   */
  public record Conditioner(double ml, double litres, boolean chloramine) {}

  /** What a school asks of a filter before an animal moves in. */
  public enum Proof {
    WEEK("a week of tests without ammonia and nitrite"),
    DOSE("a dose of ammonia gone within a day");

    private final String words;

    Proof(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
