package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.Worded;

/**
 * The highest stone or stack of stones.
 *
 * @param topCm its top above the vessel's floor
 * @param gapCm narrowest passage between or under them that an animal can enter; 0 for none
 */
public record Stones(
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double topCm,
    @Stored(usual = "0", always = true) @Between(of = Dimension.LENGTH, min = 0, max = 200)
        double gapCm,
    Footing footing) {
  /** What they stand on. */
  public enum Footing implements Worded {
    GLASS("on the floor or on padding"),
    GROUND("on the ground");

    private final String words;

    Footing(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }
}
