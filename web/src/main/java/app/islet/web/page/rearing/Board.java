package app.islet.web.page.rearing;

import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Tub;
import app.islet.core.rearing.TubBundle;
import app.islet.core.text.English;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.rearing.BatchState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The cards of a board, in columns.
 *
 * @param shown of {@code all} tubs in use, as the filter lets through
 */
record Board(List<Column> columns, List<Line> batches, int shown, int all, int minutesLeft) {
  private static final int TO_FIVE_MINUTES = 5;

  /** Which tubs are shown. */
  enum Show {
    ALL,
    NOT_FED,
    NOT_CHANGED,
    NOT_EATING,
    GILLS_GOING,
    LOOK,
    EMPTY
  }

  /** In which order. */
  enum Order {
    STAGE,
    NUMBER
  }

  /** Cards under a heading; without one where they stand by number. */
  record Column(String title, List<TubCard> cards) {}

  /** A batch above the board. */
  record Line(long id, String name, String species, int left, String stage, String age, int jobs) {}

  static Board of(CollectionContext context, List<BatchState> states, Show show, Order order) {
    Map<String, List<TubCard>> columns = new LinkedHashMap<>();
    int shown = 0;
    int all = 0;
    for (BatchState state : states) {
      all += state.inUse().size();
      for (BatchState.TubNow now : sorted(state, order)) {
        if (lets(show, state, now)) {
          columns
              .computeIfAbsent(heading(states, state, now, order), h -> new ArrayList<>())
              .add(TubCard.of(context, state, now));
          shown++;
        }
      }
    }
    if (order == Order.NUMBER) {
      columns.values().forEach(cards -> cards.sort(Comparator.comparingInt(TubCard::number)));
    }
    return new Board(
        columns.entrySet().stream().map(e -> new Column(e.getKey(), e.getValue())).toList(),
        states.stream().map(Board::line).toList(),
        shown,
        all,
        minutes(states));
  }

  static int minutes(List<BatchState> states) {
    double minutes = states.stream().mapToDouble(BatchState::minutesLeft).sum();
    return (int) Math.ceil(minutes / TO_FIVE_MINUTES) * TO_FIVE_MINUTES;
  }

  private static List<BatchState.TubNow> sorted(BatchState state, Order order) {
    Comparator<BatchState.TubNow> byNumber = Comparator.comparingInt(now -> now.tub().number());
    if (order == Order.NUMBER) {
      return state.tubs().stream().sorted(byNumber).toList();
    }
    return state.tubs().stream()
        .sorted(
            Comparator.<BatchState.TubNow, Boolean>comparing(now -> !now.eggs())
                .thenComparing(now -> state.kind().guide().at(now.tub().milestone().id()))
                .thenComparing(byNumber))
        .toList();
  }

  private static String heading(
      List<BatchState> states, BatchState state, BatchState.TubNow now, Order order) {
    if (order == Order.NUMBER) {
      return "";
    }
    Milestone m = now.tub().milestone();
    String stage = now.eggs() ? TubCard.name(state, now) : m.name();
    return states.size() > 1 ? state.kind().animal().name() + ": " + stage : stage;
  }

  private static boolean lets(Show show, BatchState state, BatchState.TubNow now) {
    boolean used = now.animals() > 0;
    Tub tub = now.tub();
    return switch (show) {
      case ALL -> used;
      case EMPTY -> !used;
      case NOT_FED -> used && isOpen(now, TubBundle.Kind.FEED);
      case NOT_CHANGED -> used && isOpen(now, TubBundle.Kind.CHANGE);
      case NOT_EATING -> used && tub.appetite(state.today()) != Tub.Appetite.EATS;
      case GILLS_GOING -> used && tub.milestone().care().gillsGo();
      case LOOK -> used && tub.health(state.today()) != Tub.Health.WELL;
    };
  }

  private static boolean isOpen(BatchState.TubNow now, TubBundle.Kind kind) {
    return now.bundle().jobs().stream().anyMatch(job -> job.kind() == kind && job.left() > 0);
  }

  private static Line line(BatchState state) {
    return new Line(
        state.batch().id(),
        state.kind().animal().name(),
        state.kind().sheet().name(),
        state.left(),
        state.timeline().isEmpty() ? "" : state.stage().name(),
        state.timeline().map(t -> English.count(t.ageDays(state.today()), "day")).orElse(""),
        state.jobsLeft());
  }
}
