package app.islet.core.build;

import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.TypedNumber;
import app.islet.core.quantity.UnitSystem;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a thing costs as it is sold: all that is needed for one price, as {@code 12.50}; so many or
 * so much for a price, as {@code 2 for 9} or {@code 10 L for 8.50}; or nothing, as it is {@code
 * owned}.
 *
 * @param pack how much there is of it for the price, as typed; empty where the price is for all
 */
public record Offer(String pack, BigDecimal price, boolean owned) {
  /** Said of what is there already. */
  public static final String OWNED = "owned";

  private static final Pattern PRICE = Pattern.compile("\\d{1,7}([.,]\\d{1,2})?");
  private static final Pattern PACK =
      Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,3})?\\s*[^\\d\\s]*)\\s+for\\s+(\\S+)");

  /**
   * @param packs how many of what is sold are bought
   */
  public record Cost(long packs, BigDecimal sum) {}

  /** What was typed; empty where it is none of the three. */
  public static Optional<Offer> read(String typed) {
    String text = typed.strip();
    if (text.equalsIgnoreCase(OWNED)) {
      return Optional.of(new Offer("", BigDecimal.ZERO, true));
    }
    if (PRICE.matcher(text).matches()) {
      return Optional.of(new Offer("", price(text), false));
    }
    Matcher pack = PACK.matcher(text);
    return pack.matches() && PRICE.matcher(pack.group(2)).matches()
        ? Optional.of(new Offer(pack.group(1).strip(), price(pack.group(2)), false))
        : Optional.empty();
  }

  private static BigDecimal price(String text) {
    return new BigDecimal(text.replace(',', '.'));
  }

  /** As it is typed and kept. */
  public String words() {
    return owned ? OWNED : pack.isEmpty() ? plain() : pack + " for " + plain();
  }

  private String plain() {
    return price.toPlainString();
  }

  /**
   * What the line comes to in whole packs; empty where the pack is of another measure than the
   * line.
   *
   * @param units of a number typed without one
   */
  public Optional<Cost> of(BillLine line, UnitSystem units) {
    if (owned) {
      return Optional.of(new Cost(0, BigDecimal.ZERO));
    }
    if (pack.isEmpty()) {
      return Optional.of(new Cost(1, price));
    }
    for (Quantity amount : line.amounts()) {
      OptionalDouble size = TypedNumber.parse(pack, amount.dimension(), units);
      if (size.isPresent() && size.getAsDouble() > 0) {
        long packs = Math.max(1, (long) Math.ceil(amount.si() / size.getAsDouble() - 1e-9));
        return Optional.of(new Cost(packs, price.multiply(BigDecimal.valueOf(packs))));
      }
    }
    return Optional.empty();
  }
}
