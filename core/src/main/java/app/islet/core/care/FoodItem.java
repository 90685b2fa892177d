package app.islet.core.care;

import java.util.List;
import java.util.Optional;

/**
 * A thing keepers feed, whether or not they should.
 *
 * @param kind what sheets call it where they forbid it: {@code mammal meat}, {@code spiny fish}
 * @param seldom why it is given now and then only, where it is
 */
public record FoodItem(String id, String name, String kind, Optional<String> seldom) {
  /** The foods that ship with Islet, by name. */
  public static List<FoodItem> all() {
    return Catalogue.FODDER;
  }

  public static Optional<FoodItem> find(String id) {
    return all().stream().filter(food -> food.id().equals(id)).findFirst();
  }
}
