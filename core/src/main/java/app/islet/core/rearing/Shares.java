package app.islet.core.rearing;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Animals of some boxes shared out anew over others: as many go in as were taken out.
 *
 * @param perBox how many each box holds afterwards, by the key of the place
 */
public record Shares(Map<String, Integer> perBox) {
  public Shares {
    perBox = Map.copyOf(perBox);
  }

  /**
   * As even as can be: the first boxes get one more where it does not come out.
   *
   * @param boxes keys, 1 and more
   */
  public static Shares even(int animals, List<String> boxes) {
    Split split = Split.of(animals, boxes.size());
    Map<String, Integer> perBox = new LinkedHashMap<>();
    for (int i = 0; i < boxes.size(); i++) {
      perBox.put(
          boxes.get(i), i < split.fullerBoxes() ? split.animalsInFuller() : split.animalsInOther());
    }
    return new Shares(perBox);
  }

  /**
   * As the keeper says.
   *
   * @throws IllegalArgumentException if they do not add up, with the sum, for the keeper
   */
  public static Shares counted(int animals, List<String> boxes, List<Integer> counts) {
    if (counts.size() != boxes.size()) {
      throw new IllegalArgumentException(
          "%s for %s: say how many go into each."
              .formatted(
                  English.count(counts.size(), "number"),
                  English.count(boxes.size(), "box", "boxes")));
    }
    int sum = counts.stream().mapToInt(Integer::intValue).sum();
    if (sum != animals) {
      throw new IllegalArgumentException(
          "Together that is %d, but there are %d to share out.".formatted(sum, animals));
    }
    Map<String, Integer> perBox = new LinkedHashMap<>();
    for (int i = 0; i < boxes.size(); i++) {
      perBox.put(boxes.get(i), counts.get(i));
    }
    return new Shares(perBox);
  }

  /**
   * What must be carried so that the boxes come to hold that many; whoever may stay stays.
   *
   * @param taken how many are taken out of each place, the boxes themselves among them
   */
  public List<Movement> movements(LocalDate day, String animals, Map<String, Integer> taken) {
    Map<String, Integer> spare = new LinkedHashMap<>();
    Map<String, Integer> room = new LinkedHashMap<>(perBox);
    taken.forEach(
        (place, count) -> {
          int stay = Math.min(count, room.getOrDefault(place, 0));
          room.computeIfPresent(place, (p, n) -> n - stay);
          spare.put(place, count - stay);
        });
    List<Movement> all = new ArrayList<>();
    for (Map.Entry<String, Integer> from : spare.entrySet()) {
      for (Map.Entry<String, Integer> to : room.entrySet()) {
        int count = Math.min(from.getValue(), to.getValue());
        if (count > 0) {
          all.add(
              new Movement(
                  day, animals, count, Place.kept(from.getKey()), Place.kept(to.getKey()), "", ""));
          from.setValue(from.getValue() - count);
          to.setValue(to.getValue() - count);
        }
      }
    }
    return List.copyOf(all);
  }
}
