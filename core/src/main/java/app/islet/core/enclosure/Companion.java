package app.islet.core.enclosure;

import app.islet.core.care.CompanyKind;
import java.util.OptionalDouble;

/**
 * Animals without a care sheet that live here too: fish, shrimps, snails, and what eats the
 * leavings.
 *
 * @param lengthCm of each; as usual for the kind where nobody measured
 * @param established whether they have bred here, so that they last
 */
public record Companion(CompanyKind kind, int count, OptionalDouble lengthCm, boolean established) {
  /** Measured, or as usual for the kind, cm. */
  public double bodyCm() {
    return lengthCm.orElse(kind.lengthCm());
  }

  /** As in {@code 3 goldfish}. */
  public String words() {
    return count + " " + (count == 1 ? kind.name() : kind.plural());
  }
}
