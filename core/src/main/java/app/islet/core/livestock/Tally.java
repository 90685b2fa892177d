package app.islet.core.livestock;

import java.time.LocalDate;

/** Somebody counted: so many were seen, however many are on the books. */
public record Tally(LocalDate day, String animals, String place, int seen) {
  public Tally {
    if (seen < 0) {
      throw new IllegalArgumentException("nobody can have seen %d".formatted(seen));
    }
  }
}
