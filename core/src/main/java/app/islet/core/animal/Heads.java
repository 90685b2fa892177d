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

  /**
   * So many of a group whose sexes were once told: known still where nobody is missing, or where
   * all are of one sex.
   *
   * @param all how many there are of the group, here and elsewhere
   */
  public static Heads of(int count, int all, int males, int females) {
    if (count == all && males + females <= count) {
      return new Heads(count, males, females);
    }
    if (males >= all && females == 0) {
      return new Heads(count, count, 0);
    }
    return females >= all && males == 0 ? new Heads(count, 0, count) : of(count);
  }

  /** So many, of which no sex is known. */
  public static Heads of(int count) {
    return new Heads(count, 0, 0);
  }
}
