package app.islet.core.enclosure;

import app.islet.core.care.CompanyKind;
import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import java.util.OptionalDouble;

/**
 * Animals without a care sheet that live here too: fish, shrimps, snails, and what eats the
 * leavings.
 *
 * @param lengthCm of each; as usual for the kind where nobody measured
 * @param established whether they have bred here, so that they last
 */
public record Companion(
    @Stored CompanyKind kind,
    @Stored(usual = "1", always = true) @Between(of = Dimension.COUNT, min = 1, max = 100000)
        int count,
    @Between(of = Dimension.LENGTH, min = 0.05, max = 100) OptionalDouble lengthCm,
    boolean established) {
  /** Measured, or as usual for the kind, cm. */
  public double bodyCm() {
    return lengthCm.orElse(kind.lengthCm());
  }

  /** As in {@code 3 goldfish}. */
  public String words() {
    return count + " " + (count == 1 ? kind.name() : kind.plural());
  }
}
