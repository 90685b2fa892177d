package app.islet.core.light;

import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Range;

/** Whether what an animal gets of UVB is what its zone wants. */
public enum UvVerdict {
  ENOUGH("within its zone"),
  TOO_LITTLE("too little"),
  TOO_MUCH("too much");

  /**
   * Distance from an ordinary tube to the animal's back, cm; common practice, no source. What
   * counts in the end is the UV index a meter reads there.
   */
  private static final Range OPEN_CM = new Range(20, 40);

  private static final Range MESH_CM = new Range(15, 30);

  private final String words;

  UvVerdict(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** By the index of a lamp whose strength is known. */
  public static UvVerdict byIndex(double uvi, Range zone) {
    return uvi < zone.min() ? TOO_LITTLE : uvi > zone.max() ? TOO_MUCH : ENOUGH;
  }

  /** By the rule of thumb, where nobody knows how strong the lamp is. */
  public static UvVerdict byDistance(double cm, Lid lid) {
    if (lid.stopsUv()) {
      return TOO_LITTLE;
    }
    Range thumb = thumbCm(lid);
    return cm < thumb.min() ? TOO_MUCH : cm > thumb.max() ? TOO_LITTLE : ENOUGH;
  }

  /** From an ordinary tube to the back, cm, by the rule of thumb. */
  public static Range thumbCm(Lid lid) {
    return lid == Lid.MESH || lid == Lid.PART_MESH ? MESH_CM : OPEN_CM;
  }
}
