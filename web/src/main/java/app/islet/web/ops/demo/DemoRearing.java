package app.islet.web.ops.demo;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Sizes;
import app.islet.core.rearing.TubEvent;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Books;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.rearing.Batch;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.NewBatch;
import app.islet.web.store.rearing.TubLogs;
import app.islet.web.store.rearing.TubRecord;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What the mill raises: salamander larvae singly in the cellar in their third week, tadpoles in
 * boxes on the day of their water change, and last year's brood, which taught something.
 */
@Component
class DemoRearing {
  private static final int LARVAE_DAYS = 19;
  private static final int TADPOLE_DAYS = 34;
  private static final int LAST_YEAR_DAYS = 400;
  private static final int HISTORY_DAYS = 8;

  private final Batches batches;
  private final BatchStates states;
  private final TubLogs logs;
  private final Books books;
  private final Rooms rooms;
  private final EnclosureStore enclosures;

  DemoRearing(
      Batches batches,
      BatchStates states,
      TubLogs logs,
      Books books,
      Rooms rooms,
      EnclosureStore enclosures) {
    this.batches = batches;
    this.states = states;
    this.logs = logs;
    this.books = books;
    this.rooms = rooms;
    this.enclosures = enclosures;
  }

  void fill(CollectionContext context) {
    lastYear(context);
    larvae(context);
    tadpoles(context);
  }

  private Batch begin(
      CollectionContext context,
      NewBatch.Who who,
      NewBatch.Start start,
      NewBatch.Where where,
      int tubs) {
    return batches.begin(
        context, new NewBatch(who, Optional.empty(), start, where, false, tubs), UUID.randomUUID());
  }

  private static NewBatch.Who who(String species, String name) {
    return new NewBatch.Who(species, name, Optional.empty(), Optional.empty());
  }

  private Optional<Long> room(CollectionContext context, String name) {
    return rooms.all(context).stream()
        .filter(room -> room.name().equals(name))
        .map(room -> room.id())
        .findFirst();
  }

  private Optional<Long> enclosure(CollectionContext context, String name) {
    return enclosures.all(context).stream()
        .filter(e -> e.name().equals(name))
        .map(e -> e.id())
        .findFirst();
  }

  /** Thirty-one by size in boxes: bitten, and some dried out under the shelf. */
  private void lastYear(CollectionContext context) {
    LocalDate born = context.today().minusDays(LAST_YEAR_DAYS);
    Batch batch =
        begin(
            context,
            who("fire-salamander", "Last year's larvae"),
            new NewBatch.Start(born, 31, false),
            new NewBatch.Where(
                Housing.Kind.BOXES,
                new TubRecord.TubSize(20, 13, 6),
                Optional.empty(),
                room(context, "Cellar"),
                OptionalDouble.of(17)),
            6);
    BatchState state = states.of(context, batch.id());
    int[][] stages = {{9, 1}, {20, 2}, {38, 3}, {46, 4}};
    List<BatchState.TubNow> tubs = state.tubs();
    for (BatchState.TubNow tub : tubs) {
      logs.addPast(context, tub.record().placeId(), stages(state, born, stages));
    }
    lose(context, state, tubs.get(0), born.plusDays(4), 5, "bitten");
    lose(context, state, tubs.get(2), born.plusDays(11), 3, "bitten");
    lose(context, state, tubs.get(4), born.plusDays(24), 1, "did not eat");
    lose(context, state, tubs.get(1), born.plusDays(39), 4, "escaped");
    BatchState left = states.of(context, batch.id());
    List<Movement> gone = new ArrayList<>();
    for (BatchState.TubNow tub : left.inUse()) {
      gone.add(
          new Movement(
              born.plusDays(120),
              left.kind().animal().key(),
              tub.animals(),
              Place.kept(tub.record().key()),
              Place.out(Place.Kind.SOLD),
              "",
              "to the shop in Sluice Lane"));
    }
    books.enter(context, gone, UUID.randomUUID(), Optional.empty());
    batches.finish(context, batch.id(), born.plusDays(121));
  }

  private static List<TubEvent> stages(BatchState state, LocalDate born, int[][] days) {
    List<TubEvent> seen = new ArrayList<>();
    for (int[] each : days) {
      seen.add(
          TubEvent.stage(
              born.plusDays(each[0]).atTime(9, 0),
              state.kind().guide().milestones().get(each[1]).id()));
    }
    return seen;
  }

  private void lose(
      CollectionContext context,
      BatchState state,
      BatchState.TubNow tub,
      LocalDate day,
      int count,
      String cause) {
    Place.Kind way = cause.equals("escaped") ? Place.Kind.ESCAPED : Place.Kind.DIED;
    books.lose(
        context,
        new Movement(
            day,
            state.kind().animal().key(),
            count,
            Place.kept(tub.record().key()),
            Place.out(way),
            cause,
            ""),
        UUID.randomUUID());
  }

  /** Twenty-six born; five bitten in the first night, one that climbed out, one that never ate. */
  private void larvae(CollectionContext context) {
    LocalDate born = context.today().minusDays(LARVAE_DAYS);
    Batch batch =
        begin(
            context,
            who("fire-salamander", "Cellar larvae"),
            new NewBatch.Start(born, 26, false),
            new NewBatch.Where(
                Housing.Kind.SINGLY,
                new TubRecord.TubSize(18, 12, 2.5),
                Optional.empty(),
                room(context, "Cellar"),
                OptionalDouble.of(17)),
            26);
    BatchState state = states.of(context, batch.id());
    List<BatchState.TubNow> tubs = state.tubs();
    for (int i = 0; i < 5; i++) {
      lose(context, state, tubs.get(20 + i), born.plusDays(1), 1, "bitten");
    }
    lose(context, state, tubs.get(25), born.plusDays(9), 1, "escaped");
    lose(context, state, tubs.get(19), born.plusDays(15), 1, "did not eat");
    for (int i = 0; i < 19; i++) {
      logs.addPast(context, tubs.get(i).record().placeId(), larva(state, born, i));
    }
    tubs.subList(19, 26).forEach(tub -> batches.close(context, tub.record().placeId()));
  }

  private static List<TubEvent> larva(BatchState state, LocalDate born, int i) {
    LocalDate today = state.today();
    List<TubEvent> log = new ArrayList<>();
    boolean going = i % 6 == 4;
    int[][] stages =
        going
            ? new int[][] {{6, 1}, {13, 2}, {17, 3}}
            : i == 7 ? new int[][] {{9, 1}} : new int[][] {{7 + i % 3, 1}, {14 + i % 4, 2}};
    log.addAll(stages(state, born, stages));
    if (i % 4 == 0) {
      for (int week = 0; week <= 2; week++) {
        double cm = 2.5 + 0.65 * week + 0.02 * (i % 5) * week;
        log.add(
            new TubEvent(
                born.plusDays(1 + 7L * week).atTime(17, i),
                TubEvent.Kind.SIZED,
                "",
                "",
                Optional.of(new Sizes(cm, cm))));
      }
    }
    for (int ago = HISTORY_DAYS; ago >= 1; ago--) {
      LocalDateTime at = today.minusDays(ago).atTime(8, 5 + i);
      log.add(TubEvent.of(at, TubEvent.Kind.CHANGED));
      log.add(TubEvent.of(at.plusMinutes(1), TubEvent.Kind.FED));
      boolean refuses = i == 7 && ago <= 3 || going && ago <= 2;
      log.add(
          TubEvent.of(at.plusMinutes(40), refuses ? TubEvent.Kind.LEFT_OVER : TubEvent.Kind.EATEN));
    }
    if (i < 6) {
      log.add(TubEvent.of(today.atTime(0, 5 + i), TubEvent.Kind.CHANGED));
      log.add(TubEvent.of(today.atTime(0, 6 + i), TubEvent.Kind.FED));
    }
    if (i == 12) {
      log.add(
          new TubEvent(
              today.minusDays(2).atTime(9, 0),
              TubEvent.Kind.APART,
              "",
              "white tufts on a leg",
              Optional.empty()));
    }
    return log;
  }

  /** Sixty-two of the choir: thirty-nine boxed in seven, the small ones together in a tub. */
  private void tadpoles(CollectionContext context) {
    LocalDate hatched = context.today().minusDays(TADPOLE_DAYS);
    Batch batch =
        begin(
            context,
            who("dwarf-frog", "The choir's tadpoles"),
            new NewBatch.Start(hatched, 35, false),
            new NewBatch.Where(
                Housing.Kind.BOXES,
                new TubRecord.TubSize(30, 20, 12),
                enclosure(context, "Hum tank"),
                Optional.empty(),
                OptionalDouble.of(26.5)),
            1);
    BatchState.TubNow tub = states.of(context, batch.id()).tubs().get(0);
    share(context, batch, Map.of(tub.record().key(), 12), List.of(), 2, hatched.plusDays(12));
    batches.find(context, batch.id(), Place.kept(tub.record().key()), 27, UUID.randomUUID());
    BatchState now = states.of(context, batch.id());
    Map<String, Integer> taken = new LinkedHashMap<>();
    List<String> boxes = new ArrayList<>();
    for (BatchState.TubNow each : now.tubs().subList(1, 3)) {
      taken.put(each.record().key(), each.animals());
      boxes.add(each.record().key());
    }
    taken.put(tub.record().key(), 27);
    share(context, batch, taken, boxes, 5, context.today());
    for (BatchState.TubNow each : states.of(context, batch.id()).tubs()) {
      logs.addPast(
          context, each.record().placeId(), tadpoles(now, hatched, each.tub().number() % 3));
    }
  }

  private void share(
      CollectionContext context,
      Batch batch,
      Map<String, Integer> taken,
      List<String> into,
      int newBoxes,
      LocalDate day) {
    batches.shareOut(
        context,
        batch.id(),
        new Batches.Sharing(taken, into, newBoxes, new TubRecord.TubSize(20, 13, 7), List.of()),
        day,
        UUID.randomUUID());
  }

  private static List<TubEvent> tadpoles(BatchState state, LocalDate hatched, int i) {
    LocalDate today = state.today();
    List<TubEvent> log = new ArrayList<>();
    log.addAll(stages(state, hatched, new int[][] {{4, 1}, {11, 2}, {27 + i, 3}}));
    log.add(
        new TubEvent(
            today.minusDays(1).atTime(10, 0),
            TubEvent.Kind.SIZED,
            "",
            "",
            Optional.of(new Sizes(i == 1 ? 0.9 : 1.1, i == 1 ? 1.3 : 1.25))));
    log.add(TubEvent.of(today.minusDays(7).atTime(10, 0), TubEvent.Kind.CHANGED));
    for (int ago = HISTORY_DAYS; ago >= 1; ago--) {
      for (int hour : new int[] {8, 13, 18}) {
        LocalDateTime at = today.minusDays(ago).atTime(hour, 10 + i);
        log.add(TubEvent.of(at, TubEvent.Kind.FLUSHED));
        if (hour != 13) {
          log.add(TubEvent.of(at.plusMinutes(5), TubEvent.Kind.FED));
          log.add(TubEvent.of(at.plusMinutes(70), TubEvent.Kind.EATEN));
        }
      }
    }
    return log;
  }
}
