package app.islet.core.enclosure;

import app.islet.core.text.Worded;
import java.util.OptionalInt;

/**
 * What an enclosure is for. A holding tub is judged as such, never as a home: those in it belong
 * somewhere else, and their days in it are counted. Days are common practice, no source.
 */
public enum Purpose implements Worded {
  HOME("Home", OptionalInt.empty()),
  QUARANTINE("Quarantine", OptionalInt.of(90)),
  HOSPITAL("Hospital tub", OptionalInt.of(14)),
  TRANSPORT("Transport box", OptionalInt.of(1)),
  LARVA_CUP("Larva cup", OptionalInt.of(180)),
  BATH("Bath", OptionalInt.of(1)),
  WINTER_BOX("Winter box", OptionalInt.of(150));

  private final String words;
  private final OptionalInt longestDays;

  Purpose(String words, OptionalInt longestDays) {
    this.words = words;
    this.longestDays = longestDays;
  }

  @Override
  public String words() {
    return words;
  }

  /** So long an animal stays in it as a rule; empty for a home. */
  public OptionalInt longestDays() {
    return longestDays;
  }

  public boolean isHolding() {
    return this != HOME;
  }

  /** Whether those in it may be ill: visited last, with tools of its own. */
  public boolean isApart() {
    return this == QUARANTINE || this == HOSPITAL;
  }
}
