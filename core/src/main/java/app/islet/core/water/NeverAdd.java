package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import java.util.ArrayList;
import java.util.List;

/** What is never added to the water of these animals; common practice, no source. */
public final class NeverAdd {
  private NeverAdd() {}

  public static List<String> of(List<Resident> residents) {
    List<String> all = new ArrayList<>();
    boolean skin = residents.stream().anyMatch(r -> r.sheet().group().isAmphibian());
    boolean crab = residents.stream().anyMatch(r -> r.sheet().group() == AnimalGroup.CRAB);
    boolean turtle = residents.stream().anyMatch(r -> r.sheet().group() == AnimalGroup.TURTLE);
    if (crab) {
      all.add("Copper in any form, in remedies, algae killers and old pipes: it kills crabs.");
    }
    if (skin) {
      all.add(
          "Copper, dyes and fish remedies: what a fish tolerates goes through an amphibian's skin. Only what a vet prescribes.");
      all.add("Salt as a treatment: it draws the water out of skin and gills.");
      all.add("Conditioners with aloe or other coats for scales; plain ones against chlorine.");
    }
    if (crab || turtle) {
      all.add("Conditioner that is drunk: none in drinking bowls beyond the label's least.");
    }
    all.add("Table salt: its iodine and anti-caking agents are not of the sea. Marine salt only.");
    all.add("Powders for pH all at once, and two remedies at a time.");
    return all;
  }
}
