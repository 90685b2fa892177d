package app.islet.web.store.rearing;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Losses;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Parting;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.StageDates;
import app.islet.core.rearing.Timeline;
import app.islet.core.rearing.Tub;
import app.islet.core.rearing.TubBundle;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.Books.Departure;
import app.islet.web.store.animal.Tubs;
import app.islet.web.store.care.CareSheetStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts batches together as they stand today. */
@Service
public class BatchStates {
  /** A death this many days ago still makes a tub one to look at twice. */
  private static final int LATELY_DAYS = 3;

  private final Batches batches;
  private final TubRepository tubs;
  private final TubLogs logs;
  private final Animals animals;
  private final Books books;
  private final Tubs places;
  private final CareSheetStore sheets;

  BatchStates(
      Batches batches,
      TubRepository tubs,
      TubLogs logs,
      Animals animals,
      Books books,
      Tubs places,
      CareSheetStore sheets) {
    this.batches = batches;
    this.tubs = tubs;
    this.logs = logs;
    this.animals = animals;
    this.books = books;
    this.places = places;
    this.sheets = sheets;
  }

  /** Those that go on. */
  @Transactional(readOnly = true)
  public List<BatchState> open(CollectionContext context) {
    return of(
        context, batches.all(context).stream().filter(b -> b.finishedOn().isEmpty()).toList());
  }

  /** Those that are over, of one species. */
  @Transactional(readOnly = true)
  public List<BatchState> finished(CollectionContext context, CareSheet sheet) {
    return of(
            context, batches.all(context).stream().filter(b -> b.finishedOn().isPresent()).toList())
        .stream()
        .filter(state -> state.kind().sheet().kind().equals(sheet.kind()))
        .toList();
  }

  /** What one tub wants today; found without the other tubs of its batch. */
  @Transactional(readOnly = true)
  public TubBundle bundle(CollectionContext context, long placeId) {
    TubRecord record = batches.tub(context, placeId);
    return of(
            context,
            List.of(batches.get(context, record.batchId())),
            Map.of(record.batchId(), List.of(record)))
        .stream()
        .flatMap(state -> state.tubs().stream())
        .map(BatchState.TubNow::bundle)
        .findFirst()
        .orElseThrow(() -> new NotFoundException("the tub was put away"));
  }

  @Transactional(readOnly = true)
  public BatchState of(CollectionContext context, long batchId) {
    return of(context, List.of(batches.get(context, batchId))).get(0);
  }

  List<BatchState> of(CollectionContext context, List<Batch> some) {
    if (some.isEmpty()) {
      return List.of();
    }
    Map<Long, List<TubRecord>> boxes = new HashMap<>();
    tubs.findByBatchIdInOrderByNumber(some.stream().map(Batch::id).toList())
        .forEach(tub -> boxes.computeIfAbsent(tub.batchId(), id -> new ArrayList<>()).add(tub));
    return of(context, some, boxes);
  }

  private List<BatchState> of(
      CollectionContext context, List<Batch> some, Map<Long, List<TubRecord>> boxes) {
    CareLibrary library = sheets.library(context);
    Map<Long, TubLog> logged =
        logs.of(context, boxes.values().stream().flatMap(List::stream).toList());
    Map<Long, Family> families = families(context, some);
    Set<String> eggs = places.eggs(some.stream().map(Batch::id).toList());
    List<BatchState> states = new ArrayList<>();
    for (Batch batch : some) {
      Family family = Objects.requireNonNull(families.get(batch.animalId()));
      CareSheet sheet = sheetOf(context, library, family.batch());
      RearingGuide.of(sheet)
          .ifPresent(
              guide ->
                  states.add(
                      new Assembly(context, batch, family, sheet, guide, logged, eggs)
                          .state(boxes.getOrDefault(batch.id(), List.of()))));
    }
    return states;
  }

  private CareSheet sheetOf(CollectionContext context, CareLibrary library, Animal animal) {
    CareSheet sheet = library.find(animal.species()).orElseThrow();
    String school =
        animal.school() == null
            ? sheets.schools(context).getOrDefault(sheet.id(), "")
            : animal.school();
    return sheet.as(school);
  }

  /** A batch with those singled out of it. */
  private record Family(
      Animal batch, Ledger ledger, List<Movement> movements, List<Departure> departures) {}

  private Map<Long, Family> families(CollectionContext context, List<Batch> some) {
    Map<Long, List<Animal>> members = new HashMap<>();
    for (Animal animal : animals.ofBatches(context, some.stream().map(Batch::animalId).toList())) {
      Long of = animal.background().originAnimalId();
      members.computeIfAbsent(animal.id(), id -> new ArrayList<>()).add(animal);
      if (of != null) {
        members.computeIfAbsent(of, id -> new ArrayList<>()).add(animal);
      }
    }
    List<Departure> departures =
        books.departures(
            members.values().stream().flatMap(List::stream).distinct().toList(), context.today());
    Ledger all = books.part(members.values().stream().flatMap(List::stream).distinct().toList());
    Map<Long, Family> families = new HashMap<>();
    for (Batch batch : some) {
      List<Animal> own = members.getOrDefault(batch.animalId(), List.of());
      List<Movement> movements =
          own.stream()
              .flatMap(animal -> all.movements(animal.key()).stream())
              .sorted(Comparator.comparing(Movement::day))
              .toList();
      Animal group =
          own.stream().filter(a -> a.id().equals(batch.animalId())).findFirst().orElseThrow();
      families.put(batch.animalId(), new Family(group, all, movements, departures));
    }
    return families;
  }

  /** One batch being put together. */
  private record Assembly(
      CollectionContext context,
      Batch batch,
      Family family,
      CareSheet sheet,
      RearingGuide guide,
      Map<Long, TubLog> logged,
      Set<String> eggs) {
    BatchState state(List<TubRecord> records) {
      LocalDate today = context.today();
      Housing housing = guide.housing(batch.housing()).orElse(guide.usual(sheet));
      Losses losses = Losses.of(family.movements());
      Map<String, Integer> counts = new HashMap<>();
      family.ledger().census(today).lines().stream()
          .filter(line -> line.animals().equals(family.batch().key()))
          .forEach(line -> counts.merge(line.place(), line.count(), Integer::sum));
      Optional<Timeline> timeline = batch.beganOn().map(day -> timeline(day, records, counts));
      List<BatchState.TubNow> now = new ArrayList<>();
      for (TubRecord record : records) {
        int count = counts.getOrDefault(record.key(), 0);
        if (!record.closed() || count > 0) {
          now.add(tub(record, count, housing, losses, timeline));
        }
      }
      return new BatchState(
          batch,
          new BatchState.Kind(family.batch(), sheet, guide, housing),
          timeline,
          now,
          new BatchState.Books(family.ledger(), family.movements(), losses),
          today);
    }

    private BatchState.TubNow tub(
        TubRecord record, int count, Housing housing, Losses losses, Optional<Timeline> timeline) {
      LocalDate today = context.today();
      TubLog log = Objects.requireNonNull(logged.get(record.placeId()));
      Losses here = losses.from(record.key());
      boolean lately = here.since(today.minusDays(LATELY_DAYS - 1L)).count() > 0;
      Optional<Milestone> seen = log.state().milestone().flatMap(guide::milestone);
      Milestone milestone =
          seen.or(() -> timeline.map(t -> t.expected(today).milestone())).orElse(guide.first());
      Tub tub =
          new Tub(
              record.key(),
              record.number(),
              record.size().litres(),
              count,
              milestone,
              log.state(),
              lately && count > 0,
              parting(log, milestone, count));
      boolean inEggs = eggs.contains(record.key());
      TubBundle bundle = inEggs ? new TubBundle(tub, List.of()) : TubBundle.of(tub, housing, today);
      return new BatchState.TubNow(
          record, tub, bundle, log, inEggs, left(record), seen.isPresent());
    }

    private Optional<Departure> left(TubRecord record) {
      return family.departures().stream()
          .filter(d -> d.movement().from().equals(Place.kept(record.key())))
          .filter(d -> Losses.of(List.of(d.movement())).count() > 0)
          .reduce((older, newer) -> newer);
    }

    /** One alone is parted already. */
    private Optional<Parting> parting(TubLog log, Milestone milestone, int count) {
      double ratio =
          milestone.stageOf(sheet).map(stage -> stage.needs().group().sizeRatio()).orElse(0.0);
      return count > 1
          ? log.state().sizes().map(sizes -> Parting.of(sheet.body(), ratio, sizes))
          : Optional.empty();
    }

    private Timeline timeline(
        LocalDate began, List<TubRecord> records, Map<String, Integer> counts) {
      List<Map<String, LocalDate>> stages =
          records.stream()
              .filter(tub -> counts.getOrDefault(tub.key(), 0) > 0 && !eggs.contains(tub.key()))
              .map(tub -> Objects.requireNonNull(logged.get(tub.placeId())).stages())
              .toList();
      // A finished batch has no tubs left: what was seen in all it ever had stands.
      List<Map<String, LocalDate>> all =
          stages.isEmpty()
              ? logged.entrySet().stream()
                  .filter(e -> isOwn(e.getKey()))
                  .map(e -> e.getValue().stages())
                  .toList()
              : stages;
      return Timeline.of(guide, began, batch.waterC(), StageDates.ofMost(guide, all));
    }

    private boolean isOwn(Long placeId) {
      return family.movements().stream()
          .anyMatch(m -> m.to().equals(Place.kept(String.valueOf(placeId))));
    }
  }
}
