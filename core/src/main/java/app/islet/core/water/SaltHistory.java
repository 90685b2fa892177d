package app.islet.core.water;

import java.time.LocalDate;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.TreeMap;

/**
 * How salt a water was from which day on; before the first it was what it was then.
 *
 * @param pptFrom g/kg by the day it was set, at least one
 */
public record SaltHistory(NavigableMap<LocalDate, Double> pptFrom) {
  /** Classes of the Venice system (1958): limnetic, mixohaline, euhaline; from memory. */
  public enum Band {
    FRESH("Fresh water"),
    BRACKISH("Brackish water"),
    SEA("Sea water");

    private static final double BRACKISH_PPT = 0.5;
    private static final double SEA_PPT = 30;

    private final String words;

    Band(String words) {
      this.words = words;
    }

    static Band of(double ppt) {
      return ppt < BRACKISH_PPT ? FRESH : ppt < SEA_PPT ? BRACKISH : SEA;
    }

    public String words() {
      return words;
    }
  }

  public SaltHistory {
    if (pptFrom.isEmpty()) {
      throw new IllegalArgumentException("a history needs a day at least");
    }
    pptFrom = new TreeMap<>(pptFrom);
  }

  public Band on(LocalDate day) {
    Map.Entry<LocalDate, Double> entry = pptFrom.floorEntry(day);
    return Band.of(
        entry == null ? Objects.requireNonNull(pptFrom.firstEntry()).getValue() : entry.getValue());
  }
}
