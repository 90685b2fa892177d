package app.islet.core.build;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.util.List;

/**
 * One thing to have.
 *
 * @param key names it within its sheet for as long as the design has it
 * @param group heading it stands under
 * @param amounts how much, in one or two measures of the same thing
 * @param note what the amount rests on; empty where there is nothing to say
 * @param present false for what the review asks for and the design has not
 */
public record BillLine(
    String key, String group, String thing, List<Quantity> amounts, Phrase note, boolean present) {
  public BillLine {
    amounts = List.copyOf(amounts);
  }
}
