package app.islet.core.rearing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** When most tubs of a batch came into each stage: half of them make it the batch's. */
public final class StageDates {
  private StageDates() {}

  /**
   * @param tubs of each tub the day every stage was first seen in, by the stage's id; a tub seen in
   *     a later stage has passed the earlier ones
   * @return by stage the day by which half of the tubs had come into it
   */
  public static Map<String, LocalDate> ofMost(
      RearingGuide guide, Collection<Map<String, LocalDate>> tubs) {
    Map<String, LocalDate> reached = new LinkedHashMap<>();
    for (int i = 1; i < guide.milestones().size(); i++) {
      List<LocalDate> days = new ArrayList<>();
      for (Map<String, LocalDate> tub : tubs) {
        firstDayIn(guide, i, tub).ifPresent(days::add);
      }
      days.sort(Comparator.naturalOrder());
      if (!days.isEmpty() && 2 * days.size() >= tubs.size()) {
        reached.put(guide.milestones().get(i).id(), days.get((tubs.size() + 1) / 2 - 1));
      }
    }
    return reached;
  }

  private static Optional<LocalDate> firstDayIn(
      RearingGuide guide, int at, Map<String, LocalDate> tub) {
    return tub.entrySet().stream()
        .filter(e -> guide.at(e.getKey()) >= at)
        .map(Map.Entry::getValue)
        .min(Comparator.naturalOrder());
  }
}
