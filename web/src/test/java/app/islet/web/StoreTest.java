package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.plan.PlannedDay;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.page.work.rounds.Ticks;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.reading.snapshot.WaterRecords;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.MovedMeanwhileException;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.enclosure.StaleDesignException;
import app.islet.web.store.tasks.PlannedDays;
import app.islet.web.store.tasks.TaskLog;
import app.islet.web.store.water.WaterLog;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntSupplier;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.access.AccessDeniedException;

/**
 * What is saved stays saved, once, and within its collection: asked of the services on the real
 * database.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class StoreTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final EnclosureStore ENCLOSURES = Islet.running().bean(EnclosureStore.class);
  private static final Designs DESIGNS = Islet.running().bean(Designs.class);
  private static final Rooms ROOMS = Islet.running().bean(Rooms.class);
  private static final Books BOOKS = Islet.running().bean(Books.class);
  private static final Residents RESIDENTS = Islet.running().bean(Residents.class);
  private static final Snapshots SNAPSHOTS = Islet.running().bean(Snapshots.class);
  private static final Ticks TICKS = Islet.running().bean(Ticks.class);
  private static final TaskLog TASK_LOG = Islet.running().bean(TaskLog.class);
  private static final WaterLog WATER_LOG = Islet.running().bean(WaterLog.class);
  private static final JdbcTemplate SQL = Islet.running().bean(JdbcTemplate.class);
  private static CollectionContext context;
  private static CollectionContext elsewhere;
  private static long room;

  @BeforeAll
  static void make_two_collections() {
    People people = Islet.running().bean(People.class);
    NewCollections collections = Islet.running().bean(NewCollections.class);
    Person keeper = people.register("store-" + System.nanoTime(), "Keeper", "quiet water");
    context =
        new CollectionContext(
            keeper, collections.create("Storehouse", ZoneId.of("UTC"), keeper), Role.KEEPER, DAY);
    elsewhere =
        new CollectionContext(
            keeper, collections.create("Storehouse", ZoneId.of("UTC"), keeper), Role.OWNER, DAY);
    room = ROOMS.add(context, "Room", new Site(24, 20, 20, 17, 50)).id();
  }

  private static Enclosure design(String name) {
    return Enclosure.bare(name, new Vessel(150, 60, 60), 30)
        .with(new Substrate(SubstrateMaterial.SAND, 3))
        .with(new Platform(40, 30))
        .with(
            new Equipment.Heater(200, true),
            new Equipment.UvbLamp(Optional.of(DAY.minusDays(200)), OptionalDouble.of(30)));
  }

  private static long tank(String name) {
    return DESIGNS.create(context, room, design(name), DAY, UUID.randomUUID()).id();
  }

  private static long revisions(long id) {
    return SQL.queryForObject(
        "select count(*) from enclosure_revision where enclosure_id = ?", Long.class, id);
  }

  private static void addTurtle(long id, UUID click) {
    RESIDENTS.add(
        context,
        id,
        new Resident(
            "Turtle",
            CareLibrary.bundled().find("slider").orElseThrow(),
            1,
            0,
            1,
            OptionalDouble.of(16),
            OptionalDouble.empty(),
            Optional.empty()),
        click,
        DAY);
  }

  private static <T> List<Future<T>> atOnce(int times, Callable<T> work)
      throws InterruptedException {
    ExecutorService pool = Executors.newFixedThreadPool(times);
    List<Callable<T>> all = new ArrayList<>();
    for (int i = 0; i < times; i++) {
      all.add(work);
    }
    List<Future<T>> done = pool.invokeAll(all);
    pool.shutdown();
    return done;
  }

  @Test
  void two_collections_of_one_name_have_two_addresses() {
    assertThat(elsewhere.collection().slug())
        .isNotEqualTo(context.collection().slug())
        .startsWith(context.collection().slug().replaceAll("-\\d+$", ""));
  }

  @Test
  void a_design_comes_back_as_it_was_saved_at_its_rooms_temperatures() {
    EnclosureSnapshot state = SNAPSHOTS.get(context, tank("As saved"));
    assertThat(state.design()).isEqualTo(design("As saved").withSite(new Site(24, 20, 20, 17, 50)));
    assertThat(state.revision()).isEqualTo(1);
  }

  @Test
  void every_saved_state_is_kept_and_the_same_state_is_not_saved_twice() {
    long id = tank("Kept");
    Enclosure deeper = SNAPSHOTS.get(context, id).design().with(new Change("/water/depthCm", 35));
    DESIGNS.change(context, id, newest -> deeper);
    DESIGNS.change(context, id, newest -> deeper);
    assertThat(revisions(id)).isEqualTo(2);
    assertThat(SNAPSHOTS.get(context, id).design().water().depthCm()).isEqualTo(35);
    assertThat(
            SQL.queryForObject(
                "select document->'water'->>'depthCm' from enclosure_revision where enclosure_id = ? and number = 1",
                String.class,
                id))
        .isEqualTo("30");
  }

  @Test
  void a_double_click_makes_one_enclosure_one_resident_one_measurement() throws Exception {
    UUID click = UUID.randomUUID();
    long id = DESIGNS.create(context, room, design("Once"), DAY, click).id();
    assertThat(DESIGNS.create(context, room, design("Once"), DAY, click).id()).isEqualTo(id);
    UUID second = UUID.randomUUID();
    addTurtle(id, second);
    addTurtle(id, second);
    assertThat(SNAPSHOTS.get(context, id).occupants()).hasSize(1);
    long resident = SNAPSHOTS.get(context, id).occupants().get(0).record().id();
    UUID third = UUID.randomUUID();
    for (Future<Measurement> done :
        atOnce(4, () -> RESIDENTS.measure(context, resident, length(16.5), third))) {
      done.get();
    }
    assertThat(
            SQL.queryForObject(
                "select count(*) from measurement where animal_id = ?", Long.class, resident))
        .as("with the one it came with")
        .isEqualTo(2);
  }

  @Test
  void a_deleted_measurement_comes_back_once_and_only_if_it_was_deleted() {
    long id = tank("Back again");
    addTurtle(id, UUID.randomUUID());
    long resident = SNAPSHOTS.get(context, id).occupants().get(0).record().id();
    long entry = RESIDENTS.measure(context, resident, length(16.5), UUID.randomUUID()).id();
    RESIDENTS.measureAgain(context, entry, UUID.randomUUID());
    assertThat(SNAPSHOTS.get(context, id).occupants().get(0).measurements()).hasSize(2);
    RESIDENTS.voidMeasurement(context, entry);
    assertThat(SNAPSHOTS.get(context, id).occupants().get(0).measurements()).hasSize(1);
    UUID again = UUID.randomUUID();
    RESIDENTS.measureAgain(context, entry, again);
    RESIDENTS.measureAgain(context, entry, again);
    assertThat(SNAPSHOTS.get(context, id).occupants().get(0).measurements())
        .extracting(Measurement::lengthCm)
        .hasSize(2)
        .contains(16.5);
  }

  @Test
  void two_helpers_who_tick_one_task_at_the_same_moment_log_it_once() throws Exception {
    long id = tank("Both hands");
    addTurtle(id, UUID.randomUUID());
    for (Future<Object> done :
        atOnce(
            4,
            () -> {
              TICKS.settle(context, id, Ticks.Tick.done("spot-clean", DAY, UUID.randomUUID()));
              return null;
            })) {
      done.get();
    }
    assertThat(
            SQL.queryForObject(
                "select count(*) from round_entry where enclosure_id = ?", Long.class, id))
        .isEqualTo(1);
  }

  @Test
  void undo_adds_an_entry_and_takes_none_away() {
    long id = tank("Undone");
    addTurtle(id, UUID.randomUUID());
    TICKS.settle(context, id, Ticks.Tick.skipped("test", DAY, "no kit", UUID.randomUUID()));
    assertThat(TASK_LOG.undo(context, DAY, UUID.randomUUID())).contains("Test the water");
    assertThat(
            SQL.queryForList(
                "select kind from round_entry where enclosure_id = ? order by id",
                String.class,
                id))
        .containsExactly("SKIPPED", "UNDONE");
    TICKS.settle(context, id, Ticks.Tick.done("test", DAY, UUID.randomUUID()));
    assertThat(
            SQL.queryForList(
                "select kind from round_entry where enclosure_id = ? order by id",
                String.class,
                id))
        .containsExactly("SKIPPED", "UNDONE", "DONE");
  }

  @Test
  void a_new_tube_on_the_rounds_is_a_new_tube_in_the_design() {
    long id = tank("New light");
    addTurtle(id, UUID.randomUUID());
    assertThat(SNAPSHOTS.get(context, id).assessment().review().findings())
        .anyMatch(f -> f.rule().equals("uvb-aged"));
    TICKS.settle(context, id, Ticks.Tick.done("replace-tube", DAY, UUID.randomUUID()));
    assertThat(SNAPSHOTS.get(context, id).design().all(Equipment.UvbLamp.class))
        .containsExactly(new Equipment.UvbLamp(Optional.of(DAY), OptionalDouble.of(30)));
    assertThat(SNAPSHOTS.get(context, id).assessment().review().findings())
        .noneMatch(f -> f.rule().equals("uvb-aged"));
  }

  @Test
  void a_warmer_room_warms_all_in_it_without_a_new_revision_of_any() {
    long other = ROOMS.add(context, "Sunroom", new Site(25, 20, 20, 15, 50)).id();
    long id = DESIGNS.create(context, other, design("In the sun"), DAY, UUID.randomUUID()).id();
    ROOMS.change(context, other, "Sunroom", new Site(33, 24, 20, 15, 40));
    assertThat(SNAPSHOTS.get(context, id).design().site().summerDayC()).isEqualTo(33);
    assertThat(revisions(id)).isEqualTo(1);
    DESIGNS.move(context, id, room);
    assertThat(SNAPSHOTS.get(context, id).design().site().summerDayC()).isEqualTo(24);
  }

  @Test
  void a_room_cannot_take_the_name_of_another() {
    long other = ROOMS.add(context, "Attic", new Site(25, 20, 20, 15, 50)).id();
    assertThat(ROOMS.change(context, other, "Room", Site.LIVING_ROOM)).isFalse();
    assertThat(ROOMS.get(context, other).name()).isEqualTo("Attic");
    assertThat(ROOMS.add(context, "Attic", Site.LIVING_ROOM).id()).isEqualTo(other);
  }

  @Test
  void who_has_left_is_gone_from_the_day_on_but_not_from_the_books() {
    long id = tank("Moved");
    addTurtle(id, UUID.randomUUID());
    Animal animal = SNAPSHOTS.get(context, id).occupants().get(0).record();
    BOOKS.enter(context, List.of(sold(id, animal)), UUID.randomUUID(), Optional.empty());
    assertThat(SNAPSHOTS.get(context, id).occupants()).isEmpty();
    assertThat(BOOKS.ledger(context).balance(animal.key(), DAY).left())
        .isEqualTo(Map.of(Place.Kind.SOLD, 1));
    BOOKS.undo(context, animal.id(), UUID.randomUUID(), Optional.empty());
    assertThat(SNAPSHOTS.get(context, id).occupants()).hasSize(1);
    assertThat(BOOKS.ledger(context).movements(animal.key())).hasSize(3);
  }

  private static Movement sold(long enclosure, Animal animal) {
    return new Movement(
        DAY, animal.key(), 1, BOOKS.home(enclosure), Place.out(Place.Kind.SOLD), "", "");
  }

  @Test
  void of_two_who_move_one_animal_at_once_one_is_told() throws Exception {
    long id = tank("Contested");
    addTurtle(id, UUID.randomUUID());
    Animal animal = SNAPSHOTS.get(context, id).occupants().get(0).record();
    Optional<Long> seen = Optional.of(BOOKS.seen(animal));
    AtomicInteger told = new AtomicInteger();
    Callable<?> sell =
        () -> {
          try {
            BOOKS.enter(context, List.of(sold(id, animal)), UUID.randomUUID(), seen);
          } catch (MovedMeanwhileException e) {
            told.incrementAndGet();
          }
          return null;
        };
    together(List.of(sell, sell));
    assertThat(told).hasValue(1);
    assertThat(BOOKS.ledger(context).movements(animal.key())).hasSize(2);
  }

  @Test
  void a_movement_sent_twice_is_one() {
    long id = tank("Sent twice");
    addTurtle(id, UUID.randomUUID());
    Animal animal = SNAPSHOTS.get(context, id).occupants().get(0).record();
    UUID sent = UUID.randomUUID();
    Optional<Long> seen = Optional.of(BOOKS.seen(animal));
    BOOKS.enter(context, List.of(sold(id, animal)), sent, seen);
    BOOKS.enter(context, List.of(sold(id, animal)), sent, seen);
    assertThat(BOOKS.ledger(context).movements(animal.key())).hasSize(2);
    assertThatThrownBy(
            () ->
                BOOKS.enter(
                    context, List.of(sold(id, animal)), UUID.randomUUID(), Optional.empty()))
        .isInstanceOf(UnbalancedException.class);
  }

  @Test
  void nothing_is_reached_from_another_collection() {
    long id = tank("Fenced");
    addTurtle(id, UUID.randomUUID());
    long resident = SNAPSHOTS.get(context, id).occupants().get(0).record().id();
    assertThat(ENCLOSURES.all(elsewhere)).isEmpty();
    for (Runnable reach :
        List.<Runnable>of(
            () -> SNAPSHOTS.get(elsewhere, id),
            () -> DESIGNS.change(elsewhere, id, newest -> design("Taken")),
            () -> DESIGNS.move(elsewhere, id, room),
            () -> BOOKS.undo(elsewhere, resident, UUID.randomUUID(), Optional.empty()),
            () ->
                DESIGNS
                    .create(elsewhere, room, design("Foreign room"), DAY, UUID.randomUUID())
                    .id(),
            () -> RESIDENTS.measure(elsewhere, resident, length(1), UUID.randomUUID()),
            () ->
                TICKS.settle(
                    elsewhere, id, Ticks.Tick.done("spot-clean", DAY, UUID.randomUUID())))) {
      assertThatThrownBy(reach::run).isInstanceOf(NotFoundException.class);
    }
    assertThat(TASK_LOG.undo(elsewhere, DAY, UUID.randomUUID())).isEmpty();
  }

  @Test
  void a_helper_is_stopped_in_the_service_too() {
    long id = tank("Guarded");
    CollectionContext helper =
        new CollectionContext(context.person(), context.collection(), Role.HELPER, DAY);
    assertThatThrownBy(() -> DESIGNS.change(helper, id, newest -> design("Guarded")))
        .isInstanceOf(AccessDeniedException.class);
    assertThatThrownBy(() -> ROOMS.change(helper, room, "Room", Site.LIVING_ROOM))
        .isInstanceOf(AccessDeniedException.class);
    assertThatThrownBy(() -> BOOKS.undo(helper, 1, UUID.randomUUID(), Optional.empty()))
        .isInstanceOf(AccessDeniedException.class);
  }

  /** Runs all of these at the same moment. */
  private static void together(List<Callable<?>> work) throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(work.size());
    List<Callable<Object>> all = new ArrayList<>();
    work.forEach(one -> all.add(one::call));
    for (Future<Object> done : pool.invokeAll(all)) {
      done.get();
    }
    pool.shutdown();
  }

  @Test
  void keepers_who_change_climate_water_and_design_at_the_same_moment_lose_nothing()
      throws Exception {
    for (int time = 0; time < 15; time++) {
      long id = tank("At once " + time);
      together(
          List.of(
              () -> change(id, "/conditions/lightHours", 11),
              () -> change(id, "/conditions/lossFactor", 1.2),
              () -> change(id, "/water/salinityPpt", 3),
              () -> change(id, "/water/depthCm", 35),
              () -> {
                DESIGNS.change(context, id, design -> design.with(Lid.MESH));
                return null;
              }));
      Enclosure after = SNAPSHOTS.get(context, id).design();
      assertThat(after.conditions().lightHours()).hasValue(11);
      assertThat(after.conditions().calibration().lossFactor()).isEqualTo(1.2);
      assertThat(after.water().salinityPpt()).isEqualTo(3);
      assertThat(after.water().depthCm()).isEqualTo(35);
      assertThat(after.lid()).isEqualTo(Lid.MESH);
      assertThat(revisions(id)).as("the first and five more").isEqualTo(6);
    }
  }

  private static Void change(long id, String field, double value) {
    DESIGNS.change(context, id, design -> design.with(new Change(field, value)));
    return null;
  }

  @Test
  void of_whole_saves_from_one_revision_at_the_same_moment_one_is_accepted() throws Exception {
    for (int time = 0; time < 15; time++) {
      long id = tank("Whole " + time);
      AtomicInteger saved = new AtomicInteger();
      AtomicInteger refused = new AtomicInteger();
      List<Callable<?>> keepers = new ArrayList<>();
      for (double depthCm : new double[] {31, 32}) {
        keepers.add(
            () -> {
              try {
                DESIGNS.save(
                    context, id, 1, design("Whole").with(new Change("/water/depthCm", depthCm)));
                return saved.incrementAndGet();
              } catch (StaleDesignException stale) {
                return refused.incrementAndGet();
              }
            });
      }
      together(keepers);
      assertThat(List.of(saved.get(), refused.get())).containsExactly(1, 1);
      assertThat(revisions(id)).isEqualTo(2);
    }
  }

  @Test
  void whatever_is_sent_twice_at_the_same_instant_is_kept_once_and_answered_alike()
      throws Exception {
    for (int time = 0; time < 10; time++) {
      UUID click = UUID.randomUUID();
      List<Future<Long>> made =
          atOnce(4, () -> DESIGNS.create(context, room, design("Twice"), DAY, click).id());
      long id = made.get(0).get();
      for (Future<Long> other : made) {
        assertThat(other.get()).isEqualTo(id);
      }
      WaterTest test = new WaterTest(DAY, Map.of(Parameter.NITRATE, 10.0));
      UUID second = UUID.randomUUID();
      List<Future<String>> lines = atOnce(4, () -> WATER_LOG.test(context, id, test, true, second));
      for (Future<String> line : lines) {
        assertThat(line.get()).isEqualTo(lines.get(0).get());
      }
      String name = "Room " + time;
      List<Future<Long>> rooms = atOnce(4, () -> ROOMS.add(context, name, Site.LIVING_ROOM).id());
      for (Future<Long> one : rooms) {
        assertThat(one.get()).isEqualTo(rooms.get(0).get());
      }
    }
  }

  @Test
  void an_undo_sent_twice_undoes_one_entry() throws Exception {
    long id = tank("Undone once");
    addTurtle(id, UUID.randomUUID());
    TICKS.settle(context, id, Ticks.Tick.skipped("test", DAY, "no kit", UUID.randomUUID()));
    TICKS.settle(context, id, Ticks.Tick.done("spot-clean", DAY, UUID.randomUUID()));
    UUID click = UUID.randomUUID();
    for (Future<Optional<String>> undone : atOnce(4, () -> TASK_LOG.undo(context, DAY, click))) {
      assertThat(undone.get()).isPresent();
    }
    assertThat(
            SQL.queryForObject(
                "select count(*) from round_entry where enclosure_id = ? and kind = 'UNDONE'",
                Long.class,
                id))
        .isEqualTo(1);
  }

  @Test
  void a_line_of_a_file_that_was_taken_back_can_be_read_again() {
    long id = tank("Read again");
    WaterRecord file =
        new WaterRecord(List.of(new WaterTest(DAY, Map.of(Parameter.NITRATE, 25.0))), List.of());
    IntSupplier read =
        () -> WATER_LOG.add(context, id, file, true, lines -> WaterRecords.of(lines, List.of()));
    assertThat(read.getAsInt()).isEqualTo(1);
    assertThat(read.getAsInt()).isEqualTo(0);
    for (int again = 0; again < 2; again++) {
      WATER_LOG.voidLine(context, id, WATER_LOG.newest(id, 1).get(0).line());
      assertThat(WATER_LOG.newest(id, 5)).isEmpty();
      assertThat(read.getAsInt()).isEqualTo(1);
      assertThat(WATER_LOG.newest(id, 5)).hasSize(1);
    }
  }

  @Test
  void whatever_changes_what_a_page_shows_gives_the_enclosure_a_new_version() {
    long own = ROOMS.add(context, "Version room", Site.LIVING_ROOM).id();
    long id = DESIGNS.create(context, own, design("Versions"), DAY, UUID.randomUUID()).id();
    long[] version = {version(id)};
    for (Runnable write :
        List.<Runnable>of(
            () -> addTurtle(id, UUID.randomUUID()),
            () -> change(id, "/water/depthCm", 33),
            () -> ROOMS.change(context, own, "Version room", new Site(24, 20, 20, 17, 51)),
            () ->
                WATER_LOG.test(
                    context,
                    id,
                    new WaterTest(DAY, Map.of(Parameter.NITRATE, 10.0)),
                    true,
                    UUID.randomUUID()),
            () -> DESIGNS.move(context, id, ROOMS.add(context, "Far", Site.LIVING_ROOM).id()))) {
      write.run();
      assertThat(version(id)).isNotEqualTo(version[0]);
      version[0] = version(id);
    }
    TICKS.settle(context, id, Ticks.Tick.done("spot-clean", DAY, UUID.randomUUID()));
    assertThat(version(id)).as("a tick changes the rounds only").isEqualTo(version[0]);
    assertThat(SNAPSHOTS.get(context, id)).isSameAs(SNAPSHOTS.get(context, id));
  }

  private static long version(long id) {
    return ENCLOSURES.get(context, id).version();
  }

  @Test
  void jobs_put_on_other_days_stand_on_the_newest() {
    long tank = tank("Planned tank");
    PlannedDays planned = Islet.running().bean(PlannedDays.class);
    PlannedDay first = new PlannedDay(Optional.empty(), DAY.plusDays(1));
    PlannedDay second = new PlannedDay(Optional.of(DAY), DAY.plusDays(2));
    for (PlannedDay day : List.of(first, second, second)) {
      planned.plan(context, Map.of(tank, Map.of("water-change", day)));
      assertThat(planned.of(List.of(tank))).isEqualTo(Map.of(tank, Map.of("water-change", day)));
    }
    planned.plan(context, Map.of(tank, Map.of()));
    assertThat(planned.of(List.of(tank))).isEmpty();
  }

  private static Residents.Measured length(double cm) {
    return new Residents.Measured(
        DAY, OptionalDouble.of(cm), OptionalDouble.empty(), OptionalDouble.empty());
  }
}
