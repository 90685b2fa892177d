package app.islet.core.livestock;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where all that were ever begun have come to: begun + joined = alive + died + left + parted.
 *
 * @param died by cause; an empty cause where none was said
 * @param left by way out, dying not among them
 * @param joined put to them from others on the books
 * @param parted taken from them to be animals of their own, or of another group
 */
public record Balance(
    String animals,
    int begun,
    int alive,
    Map<String, Integer> died,
    Map<Place.Kind, Integer> left,
    int joined,
    int parted) {
  public int dead() {
    return sum(died);
  }

  public int gone() {
    return sum(left);
  }

  private static int sum(Map<?, Integer> counts) {
    return counts.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Of several names on the books as of one. */
  static Balance together(String animals, List<Balance> all) {
    Map<String, Integer> died = new TreeMap<>();
    Map<Place.Kind, Integer> left = new TreeMap<>();
    for (Balance each : all) {
      each.died.forEach((cause, n) -> died.merge(cause, n, Integer::sum));
      each.left.forEach((way, n) -> left.merge(way, n, Integer::sum));
    }
    return new Balance(
        animals,
        all.stream().mapToInt(Balance::begun).sum(),
        all.stream().mapToInt(Balance::alive).sum(),
        died,
        left,
        all.stream().mapToInt(Balance::joined).sum(),
        all.stream().mapToInt(Balance::parted).sum());
  }
}
