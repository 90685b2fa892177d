package app.islet.web.ops.demo;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.SheetDraft;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.plan.Completion;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Severity;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Memberships;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Acceptances;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * An invented collection to look around in: the living animals of a small museum in a converted
 * mill, kept by two volunteers and a school club. Made relative to today by a seeded generator, so
 * that it is always the same age.
 */
@Component
@ConditionalOnProperty(name = "islet.demo", havingValue = "true")
class DemoCollection implements SmartLifecycle {
  static final String PASSWORD = "quiet water";
  private static final double LATITUDE = 50.5;
  private static final double LONGITUDE = 9;
  private static final int DAYS_OF_HISTORY = 42;
  private static final long SEED = 1871;
  private static final double DONE_IN_TIME = 0.94;
  private static final double DONE_TODAY = 0.4;
  private static final double SKIPPED = 0.02;
  private static final List<String> REASONS =
      List.of("mill closed", "no appetite", "food did not come", "moulting");

  private final People people;
  private final NewCollections collections;
  private final Memberships memberships;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;
  private final Designs designs;
  private final Rooms rooms;
  private final Residents residents;
  private final Acceptances acceptances;
  private final Snapshots snapshots;
  private final TaskLog log;
  private final DemoWater water;
  private final DemoLives lives;
  private final DemoRounds rounds;
  private final DemoRearing rearing;
  private final DemoHealth health;
  private final Clock clock;
  private final TransactionTemplate transactions;
  private final Random random = new Random(SEED);
  private volatile boolean running;

  DemoCollection(
      People people,
      NewCollections collections,
      Memberships memberships,
      CareSheetStore sheets,
      EnclosureStore enclosures,
      Designs designs,
      Rooms rooms,
      Residents residents,
      Acceptances acceptances,
      Snapshots snapshots,
      TaskLog log,
      DemoWater water,
      DemoLives lives,
      DemoRounds rounds,
      DemoRearing rearing,
      DemoHealth health,
      Clock clock,
      TransactionTemplate transactions) {
    this.people = people;
    this.collections = collections;
    this.memberships = memberships;
    this.sheets = sheets;
    this.enclosures = enclosures;
    this.designs = designs;
    this.rooms = rooms;
    this.residents = residents;
    this.acceptances = acceptances;
    this.snapshots = snapshots;
    this.log = log;
    this.water = water;
    this.lives = lives;
    this.rounds = rounds;
    this.rearing = rearing;
    this.health = health;
    this.clock = clock;
    this.transactions = transactions;
  }

  /**
   * Before the pages are served (the web server starts in a later phase), so that nobody meets half
   * a collection.
   */
  @Override
  public int getPhase() {
    return 0;
  }

  @Override
  public void start() {
    running = true;
    transactions.executeWithoutResult(
        status -> {
          Optional<AnimalCollection> mill =
              collections.createFirst(
                  "Weir Mill",
                  ZoneId.of("UTC"),
                  () -> people.register("mill", "Orla Fenwick", PASSWORD));
          mill.ifPresent(this::load);
        });
  }

  @Override
  public void stop() {
    running = false;
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  private void load(AnimalCollection mill) {
    Person owner = people.find("mill").orElseThrow();
    LocalDate today = LocalDate.now(clock.withZone(mill.zone()));
    LocalDate start = today.minusDays(DAYS_OF_HISTORY);
    CollectionContext context = new CollectionContext(owner, mill, Role.OWNER, today);
    memberships.enrol(context, "club", "School club", PASSWORD, Role.HELPER);

    long cellar = rooms.add(context, "Cellar", at(new Site(18, 17, 16, 15, 70), 0)).id();
    long gallery = rooms.add(context, "Gallery", at(new Site(25, 20, 19, 16, 50), 0)).id();
    long loft = rooms.add(context, "Loft", at(new Site(29, 23, 22, 18, 45), 2)).id();

    long slate = make(context, cellar, DemoDesigns.slate(today), start);
    add(context, slate, "axolotl", "Ember and Ash", 2, 1, 1, 22, start);
    long nursery = make(context, cellar, DemoDesigns.nursery(), start);
    add(context, nursery, "eastern-newt", "Spring larvae", 26, 0, 0, 2.9, start);
    long quarantine = make(context, cellar, DemoDesigns.quarantine(today), start);
    add(context, quarantine, "eastern-newt", "The stray newt", 1, 1, 0, 8.6, today.minusDays(18));
    rounds.prepare(context);

    long pool = make(context, gallery, DemoDesigns.pool(today), start);
    add(context, pool, "slider", "Bramble", 1, 0, 1, 18, start);
    long shallows = make(context, gallery, DemoDesigns.shallows(today), start);
    add(context, shallows, "common-musk", "Flint", 1, 0, 0, 4.7, start);
    add(context, shallows, "common-musk", "Chert", 1, 0, 0, 4.6, start);
    add(context, shallows, "common-musk", "Agate", 1, 0, 0, 4.4, start);
    long fern = make(context, gallery, DemoDesigns.fern(), start);
    add(context, fern, "vampire-crab", "Fern crabs", 6, 2, 4, 1.9, start);

    long hum = make(context, loft, DemoDesigns.hum(today), start);
    add(context, hum, "dwarf-frog", "The choir", 7, 3, 4, 3.1, start);
    long dune = make(context, loft, DemoDesigns.dune(), start);
    add(context, dune, "land-hermit", "Dune walkers", 7, 0, 0, 1.8, start);
    add(context, dune, "land-hermit", "Pebble", 1, 0, 0, 2.3, start);
    sheets.choose(
        context, CareLibrary.bundled().find("land-hermit").orElseThrow(), "A bath every week");
    make(context, loft, DemoDesigns.millRace(today), start);
    long tide = make(context, gallery, DemoDesigns.tide(today), start);
    add(context, tide, "fiddler", "The tide clocks", 4, 1, 3, 1.8, start);
    ownSheet(context);
    acceptances.accept(
        context,
        dune,
        new Acceptance(
            "humidity-off",
            "Dune walkers",
            Severity.WATCH,
            "The new mister comes next week; until then we spray twice a day.",
            today.plusDays(12)));

    lives.fill(context);
    rearing.fill(context);
    health.fill(context);
    history(context, start, today);
    water.fill(context);
  }

  /** A room of the mill, with so many hours of sun on the glass. */
  private static Site at(Site room, double sunHours) {
    return room.withSunHours(sunHours).at(LATITUDE, LONGITUDE);
  }

  /** Deeper water has a rest near the surface here. */
  private long make(CollectionContext context, long room, Enclosure design, LocalDate start) {
    Enclosure rested =
        design.water().depthCm() > 8
            ? design.with(new Change("/water/restBelowSurfaceCm", 4))
            : design;
    return designs.create(context, room, rested, start, UUID.randomUUID()).id();
  }

  /**
   * A resident with measurements every fortnight, grown as expected and a little uneven, ending at
   * {@code lengthCm} today.
   */
  /** A sheet of the mill's own, with a water change that suits its water. */
  private void ownSheet(CollectionContext context) {
    String colder = sheets.copy(context, "axolotl", "Axolotl, mill cellar");
    sheets.save(
        context,
        SheetDraft.of(colder, sheets.text(context, colder).orElseThrow())
            .with(
                Map.of("/stages/2/upkeep/changePercent", 30.0), "the weir water is hard and cheap")
            .yaml(),
        "the weir water is hard and cheap");
  }

  private void add(
      CollectionContext context,
      long enclosure,
      String species,
      String name,
      int count,
      int males,
      int females,
      double lengthCm,
      LocalDate start) {
    var sheet = CareLibrary.bundled().find(species).orElseThrow();
    double first = lengthCm;
    for (double guess = lengthCm; guess > lengthCm * 0.3; guess -= lengthCm * 0.002) {
      if (sheet.growth().lengthCm(guess, DAYS_OF_HISTORY) <= lengthCm) {
        first = guess;
        break;
      }
    }
    residents.add(
        context,
        enclosure,
        Resident.described(
                sheet,
                new Heads(count, males, females),
                Size.of(OptionalDouble.of(round(first)), OptionalDouble.empty()),
                Optional.empty())
            .named(name),
        UUID.randomUUID(),
        start);
    long resident = newest(context, enclosure);
    long days = ChronoUnit.DAYS.between(start, context.today());
    for (int day = 14; day <= days - 3; day += 14) {
      double length =
          round(sheet.growth().lengthCm(first, day) * (1 + 0.004 * (random.nextDouble() - 0.5)));
      double mass = round(sheet.body().massG(length) * (0.95 + 0.1 * random.nextDouble()));
      residents.measure(
          context,
          enclosure,
          resident,
          start.plusDays(day),
          OptionalDouble.of(length),
          OptionalDouble.empty(),
          mass >= 1 ? OptionalDouble.of(mass) : OptionalDouble.empty(),
          UUID.randomUUID());
    }
  }

  private long newest(CollectionContext context, long enclosure) {
    return snapshots.get(context, enclosure).occupants().stream()
        .mapToLong(o -> o.record().id())
        .max()
        .orElseThrow();
  }

  private static double round(double value) {
    return Math.round(value * 10) / 10.0;
  }

  /** Weeks of rounds: most done, a few late, some skipped with a reason; this morning half done. */
  private void history(CollectionContext context, LocalDate start, LocalDate today) {
    for (EnclosureSnapshot state : snapshots.all(context, enclosures.all(context))) {
      List<TaskLog.Past> past = new ArrayList<>();
      List<Completion> done = new ArrayList<>();
      for (LocalDate day = start; !day.isAfter(today); day = day.plusDays(1)) {
        for (DueTask due : DayList.on(day, state.assessment().plan(), start, List.copyOf(done))) {
          double chance = day.equals(today) ? DONE_TODAY : DONE_IN_TIME;
          double dice = random.nextDouble();
          if (dice < chance) {
            past.add(settled(due, day, TaskEntry.Kind.DONE, ""));
            done.add(new Completion(due.task().key(), day, due.slot(), false));
          } else if (dice < chance + SKIPPED && day.isBefore(today)) {
            String reason = REASONS.get(random.nextInt(REASONS.size()));
            past.add(settled(due, day, TaskEntry.Kind.SKIPPED, reason));
            done.add(new Completion(due.task().key(), day, due.slot(), true));
          }
        }
      }
      log.add(context, state.id(), past);
    }
  }

  private TaskLog.Past settled(DueTask due, LocalDate day, TaskEntry.Kind kind, String reason) {
    Instant at = day.atTime(7, 40).plusMinutes(random.nextInt(90)).toInstant(ZoneOffset.UTC);
    return new TaskLog.Past(
        new TaskEntry.Settled(
            due.task().key(),
            due.task().title().text(UnitSystem.METRIC),
            day,
            due.slot(),
            kind,
            reason),
        at);
  }
}
