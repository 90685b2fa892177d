package app.islet.core.animal;

/**
 * How many animals there are.
 *
 * @param males of {@code count}, as far as known
 * @param females of {@code count}, as far as known
 */
public record Heads(int count, int males, int females) {
  public static final Heads ONE = new Heads(1, 0, 0);

  public Heads {
    if (count < 1 || males < 0 || females < 0 || males + females > count) {
      throw new IllegalArgumentException(
          "males and females together cannot be more than the %d there are".formatted(count));
    }
  }

  /** So many, of which no sex is known. */
  public static Heads of(int count) {
    return new Heads(count, 0, 0);
  }
}
