package app.islet.core.care;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How a food is kept, and what is done before and after a meal of it.
 *
 * @param word foods with this in their name are kept so
 * @param keepsDays how long it is good: from buying, dry food from opening
 * @param leftoverMinutes after so many minutes what was not eaten is taken out; 0 where it stays
 * @param dayBefore what is done the day before
 * @param before what is done just before
 * @param cut whether it is cut to the mouth of who eats it
 * @param season when it is not to be had, or not safe
 */
public record FoodKeeping(
    String word,
    Form form,
    int keepsDays,
    int leftoverMinutes,
    Optional<String> dayBefore,
    Optional<String> before,
    Optional<String> season,
    boolean cut,
    Evidence basis) {
  /** In what form it is kept. */
  public enum Form {
    DRY("dry"),
    FROZEN("frozen"),
    FRESH("fresh"),
    LIVE("live"),
    HATCHED("hatched at home");

    private final String word;

    Form(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  /** All, the more particular before the more general. */
  public static List<FoodKeeping> all() {
    return Catalogue.KEEPING;
  }

  /** How a food of that name is kept; nothing where nobody has said. */
  public static Optional<FoodKeeping> of(String food) {
    String name = food.toLowerCase(Locale.ROOT);
    return all().stream().filter(keeping -> name.contains(keeping.word)).findFirst();
  }
}
