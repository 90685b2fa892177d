package app.islet.core.water;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A dose of salt as somebody said it, as {@code 1 g per litre} or {@code 1.5 teaspoons/gal}.
 *
 * @param gramsPerL what that is; a level teaspoon of salt counts as 6 g, a tablespoon as 18 g
 *     (common practice, no source)
 */
public record DoseStatement(String said, double gramsPerL) {
  private static final double TEASPOON_G = 6;
  private static final double TABLESPOON_G = 18;
  private static final double OUNCE_G = 28.35;
  private static final double GALLON_L = 3.785411784;

  /** Two that differ by no more say the same: spoons are not scales. */
  private static final double SAME = 1.4;

  private static final Pattern DOSE =
      Pattern.compile(
          "\\s*(\\d+(?:[.,]\\d+)?)\\s*(g|grams?|mg|kg|oz|ounces?|tsp|teaspoons?|tbsp|tablespoons?)"
              + "\\s*(?:per|/|to|in|for)\\s*(?:each|every|a)?\\s*(\\d+(?:[.,]\\d+)?)?\\s*"
              + "(l|litres?|liters?|gal|gallons?)\\.?\\s*",
          Pattern.CASE_INSENSITIVE);

  /** Nothing where it cannot be read as so much per so much water. */
  public static Optional<DoseStatement> read(String said) {
    Matcher m = DOSE.matcher(said);
    if (!m.matches()) {
      return Optional.empty();
    }
    double water = m.group(3) == null ? 1 : number(m.group(3));
    double litres = water * (m.group(4).toLowerCase(Locale.ROOT).startsWith("g") ? GALLON_L : 1);
    double grams = number(m.group(1)) * grams(m.group(2).toLowerCase(Locale.ROOT));
    return litres > 0 && grams > 0
        ? Optional.of(new DoseStatement(said.strip(), grams / litres))
        : Optional.empty();
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace(',', '.'));
  }

  private static double grams(String unit) {
    if (unit.startsWith("kg")) {
      return 1000;
    }
    if (unit.startsWith("mg")) {
      return 0.001;
    }
    if (unit.startsWith("o")) {
      return OUNCE_G;
    }
    if (unit.equals("tsp") || unit.startsWith("tea")) {
      return TEASPOON_G;
    }
    return unit.startsWith("t") ? TABLESPOON_G : 1;
  }

  /** Whether the other says the same, and what to do where it does not: ask, never the middle. */
  public String against(DoseStatement other) {
    double ratio = Math.max(gramsPerL, other.gramsPerL) / Math.min(gramsPerL, other.gramsPerL);
    String both =
        "\"%s\" is %s g per litre, \"%s\" is %s g per litre."
            .formatted(said, shown(gramsPerL), other.said, shown(other.gramsPerL));
    return ratio <= SAME
        ? both + " They say the same, as far as spoons can."
        : both
            + " They differ %s. Do not take the middle: ask for which water and which salt each was meant, and measure after every dose."
                .formatted(times(ratio));
  }

  private static String times(double ratio) {
    return ratio < 2 ? "by half and more" : Math.round(ratio) + "-fold";
  }

  private static String shown(double grams) {
    double rounded = grams < 1 ? Math.round(grams * 100) / 100.0 : Math.round(grams * 10) / 10.0;
    return rounded == Math.rint(rounded)
        ? String.valueOf(Math.round(rounded))
        : String.valueOf(rounded);
  }
}
