package app.islet.core.animal;

import java.time.LocalDate;

/** A length that was measured on a day, cm. */
public record Measure(LocalDate day, double lengthCm) {
  public Measure {
    if (!(lengthCm > 0)) {
      throw new IllegalArgumentException("a length is above 0 cm, not %s".formatted(lengthCm));
    }
  }
}
