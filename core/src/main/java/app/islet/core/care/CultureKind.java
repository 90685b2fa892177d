package app.islet.core.care;

import java.util.List;
import java.util.Optional;

/**
 * Live food that is grown or hatched at home.
 *
 * @param everyDays how often it wants a hand
 * @param care what is done then
 */
public record CultureKind(String id, String name, int everyDays, String care, Evidence basis) {
  /** The kind that is started anew for each day. */
  public static final String HATCHERY = "brine-shrimp";

  public static List<CultureKind> all() {
    return Catalogue.CULTURES;
  }

  public static Optional<CultureKind> find(String id) {
    return all().stream().filter(kind -> kind.id().equals(id)).findFirst();
  }
}
