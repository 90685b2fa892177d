package app.islet.core.rearing;

import app.islet.core.livestock.Survival;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a batch teaches the next one.
 *
 * @param most the cause that cost most, with what would have saved them; empty where none is named
 * @param beside other batches of the species, to compare with
 */
public record Lessons(Optional<Saving> most, List<Beside> beside) {
  private static final double SURE_PERCENT = 95;

  /**
   * @param count lost to it
   * @param ofAll of so many lost
   * @param remedy empty where the guide knows none
   */
  public record Saving(String cause, int count, int ofAll, Optional<String> remedy) {}

  /** A batch in short. */
  public record Beside(String name, Housing.Kind housing, int begun, int lost) {
    public Survival survival() {
      return Survival.of(begun, begun - lost, SURE_PERCENT);
    }
  }

  public static Lessons of(RearingGuide guide, Losses losses, List<Beside> beside) {
    Map<String, Integer> named = losses.byCause();
    Optional<Saving> most =
        named.entrySet().stream()
            .filter(e -> !e.getKey().isEmpty())
            .findFirst()
            .map(
                e ->
                    new Saving(e.getKey(), e.getValue(), losses.count(), guide.remedy(e.getKey())));
    return new Lessons(most, List.copyOf(beside));
  }
}
