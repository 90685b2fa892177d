package app.islet.web.page.work.rounds;

import app.islet.core.plan.WalkGroup;
import app.islet.web.people.collection.AnimalCollection.WalkOrder;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;

/** The enclosures in the order in which they are visited. */
@Service
class Walk {
  private static final int AFTER_ALL = Integer.MAX_VALUE;

  private final DayRounds rounds;
  private final EnclosureStore enclosures;

  Walk(DayRounds rounds, EnclosureStore enclosures) {
    this.rounds = rounds;
    this.enclosures = enclosures;
  }

  /**
   * A stop on the walk.
   *
   * @param group whom it is visited with
   */
  record Step(EnclosureRecord record, DayRounds.Stop stop, WalkGroup group) {
    long left() {
      return stop.left();
    }

    private int place() {
      return Objects.requireNonNullElse(record.walkPlace(), AFTER_ALL);
    }

    /** What to take, where all under the heading take the same. */
    String tools(WalkOrder order) {
      return order == WalkOrder.HYGIENE || group == WalkGroup.APART ? group.tools() : "";
    }

    /**
     * What the step stands under: those it is visited with, and where one goes room by room too.
     */
    String heading(WalkOrder order) {
      return switch (order) {
        case HYGIENE -> group.title();
        case ROOM ->
            group == WalkGroup.APART
                ? stop.enclosure().room() + ": " + group.title()
                : stop.enclosure().room();
        case OWN -> group == WalkGroup.APART ? group.title() : "";
      };
    }
  }

  /** All of a day's. */
  List<Step> on(CollectionContext context, LocalDate day) {
    return order(context, enclosures.all(context), day);
  }

  /** One of them. */
  Step at(CollectionContext context, long enclosureId, LocalDate day) {
    return order(context, List.of(enclosures.get(context, enclosureId)), day).get(0);
  }

  private List<Step> order(
      CollectionContext context, List<EnclosureRecord> records, LocalDate day) {
    List<DayRounds.Stop> stops = rounds.on(context, records, day);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < records.size(); i++) {
      EnclosureRecord record = records.get(i);
      DayRounds.Stop stop = stops.get(i);
      WalkGroup group = record.isApart() ? WalkGroup.APART : stop.enclosure().group();
      steps.add(new Step(record, stop, group));
    }
    steps.sort(by(context.collection().walkOrder()));
    return steps;
  }

  private static Comparator<Step> by(WalkOrder order) {
    Comparator<Step> room =
        Comparator.<Step, Long>comparing(step -> step.stop().enclosure().roomId())
            .thenComparing(Step::group);
    Comparator<Step> chosen =
        switch (order) {
          case HYGIENE -> Comparator.comparing(Step::group).thenComparing(room);
          case ROOM -> room;
          case OWN -> Comparator.comparing(Step::place);
        };
    // Of two that stand alike the one that was made first.
    return chosen.thenComparing(step -> step.record().id());
  }
}
