package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.web.account.Person;
import app.islet.web.account.PersonRepository;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.NewCollections;
import app.islet.web.collection.Role;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import app.islet.web.rounds.Rounds;
import app.islet.web.support.Islet;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.server.ResponseStatusException;

/**
 * What is saved stays saved, once, and within its collection: asked of the services on the real
 * database.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class StoreTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final Enclosures ENCLOSURES = Islet.running().bean(Enclosures.class);
  private static final Rounds ROUNDS = Islet.running().bean(Rounds.class);
  private static final JdbcTemplate SQL = Islet.running().bean(JdbcTemplate.class);
  private static CollectionContext place;
  private static CollectionContext elsewhere;
  private static long room;

  @BeforeAll
  static void make_two_collections() {
    PersonRepository people = Islet.running().bean(PersonRepository.class);
    NewCollections collections = Islet.running().bean(NewCollections.class);
    Person keeper =
        people.saveAndFlush(new Person("store-" + System.nanoTime(), "Keeper", "{noop}x"));
    place =
        new CollectionContext(
            keeper, collections.create("Storehouse", ZoneId.of("UTC"), keeper), Role.KEEPER, DAY);
    elsewhere =
        new CollectionContext(
            keeper, collections.create("Storehouse", ZoneId.of("UTC"), keeper), Role.OWNER, DAY);
    room = ENCLOSURES.saveRoom(place, null, "Room", new Site(24, 20, 20, 17, 50));
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
    return ENCLOSURES.create(place, room, design(name), DAY, UUID.randomUUID());
  }

  private static long revisions(long id) {
    return SQL.queryForObject(
        "select count(*) from enclosure_revision where enclosure_id = ?", Long.class, id);
  }

  private static void addTurtle(long id, UUID click) {
    ENCLOSURES.addResident(
        place,
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
        .isNotEqualTo(place.collection().slug())
        .startsWith(place.collection().slug().replaceAll("-\\d+$", ""));
  }

  @Test
  void a_design_comes_back_as_it_was_saved_at_its_rooms_temperatures() {
    EnclosureSnapshot state = ENCLOSURES.get(place, tank("As saved"));
    assertThat(state.design()).isEqualTo(design("As saved").withSite(new Site(24, 20, 20, 17, 50)));
    assertThat(state.revision()).isEqualTo(1);
  }

  @Test
  void every_saved_state_is_kept_and_the_same_state_is_not_saved_twice() {
    long id = tank("Kept");
    Enclosure deeper = ENCLOSURES.get(place, id).design().with(new Change("/water/depthCm", 35));
    ENCLOSURES.save(place, id, deeper);
    ENCLOSURES.save(place, id, deeper);
    assertThat(revisions(id)).isEqualTo(2);
    assertThat(ENCLOSURES.get(place, id).design().water().depthCm()).isEqualTo(35);
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
    long id = ENCLOSURES.create(place, room, design("Once"), DAY, click);
    assertThat(ENCLOSURES.create(place, room, design("Once"), DAY, click)).isEqualTo(id);
    UUID second = UUID.randomUUID();
    addTurtle(id, second);
    addTurtle(id, second);
    assertThat(ENCLOSURES.get(place, id).occupants()).hasSize(1);
    long resident = ENCLOSURES.get(place, id).occupants().get(0).record().id();
    UUID third = UUID.randomUUID();
    for (Future<Long> done :
        atOnce(
            4,
            () ->
                ENCLOSURES.measure(
                    place,
                    id,
                    resident,
                    DAY,
                    OptionalDouble.of(16.5),
                    OptionalDouble.empty(),
                    third))) {
      done.get();
    }
    assertThat(
            SQL.queryForObject(
                "select count(*) from measurement where resident_id = ?", Long.class, resident))
        .as("with the one it came with")
        .isEqualTo(2);
  }

  @Test
  void two_helpers_who_tick_one_task_at_the_same_moment_log_it_once() throws Exception {
    long id = tank("Both hands");
    addTurtle(id, UUID.randomUUID());
    for (Future<Object> done :
        atOnce(
            4,
            () -> {
              ROUNDS.settle(place, id, "spot-clean", DAY, 1, false, "", UUID.randomUUID());
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
    ROUNDS.settle(place, id, "test", DAY, 1, true, "no kit", UUID.randomUUID());
    assertThat(ROUNDS.undo(place, DAY)).contains("Test the water");
    assertThat(
            SQL.queryForList(
                "select kind from round_entry where enclosure_id = ? order by id",
                String.class,
                id))
        .containsExactly("SKIPPED", "UNDONE");
    ROUNDS.settle(place, id, "test", DAY, 1, false, "", UUID.randomUUID());
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
    assertThat(ENCLOSURES.get(place, id).assessment().review().findings())
        .anyMatch(f -> f.rule().equals("uvb-aged"));
    ROUNDS.settle(place, id, "replace-tube", DAY, 1, false, "", UUID.randomUUID());
    assertThat(ENCLOSURES.get(place, id).design().all(Equipment.UvbLamp.class))
        .containsExactly(new Equipment.UvbLamp(Optional.of(DAY), OptionalDouble.of(30)));
    assertThat(ENCLOSURES.get(place, id).assessment().review().findings())
        .noneMatch(f -> f.rule().equals("uvb-aged"));
  }

  @Test
  void a_warmer_room_is_a_new_revision_of_all_in_it() {
    long other = ENCLOSURES.saveRoom(place, null, "Sunroom", new Site(25, 20, 20, 15, 50));
    long id = ENCLOSURES.create(place, other, design("In the sun"), DAY, UUID.randomUUID());
    ENCLOSURES.saveRoom(place, other, "Sunroom", new Site(33, 24, 20, 15, 40));
    assertThat(ENCLOSURES.get(place, id).design().site().summerDayC()).isEqualTo(33);
    assertThat(revisions(id)).isEqualTo(2);
    ENCLOSURES.move(place, id, room);
    assertThat(ENCLOSURES.get(place, id).design().site().summerDayC()).isEqualTo(24);
  }

  @Test
  void who_has_moved_out_is_gone_from_the_day_on_but_not_from_the_store() {
    long id = tank("Moved");
    addTurtle(id, UUID.randomUUID());
    long resident = ENCLOSURES.get(place, id).occupants().get(0).record().id();
    ENCLOSURES.removeResident(place, id, resident);
    assertThat(ENCLOSURES.get(place, id).occupants()).isEmpty();
    assertThat(
            SQL.queryForObject(
                "select left_on from resident where id = ?", LocalDate.class, resident))
        .isEqualTo(DAY);
  }

  @Test
  void nothing_is_reached_from_another_collection() {
    long id = tank("Fenced");
    addTurtle(id, UUID.randomUUID());
    long resident = ENCLOSURES.get(place, id).occupants().get(0).record().id();
    assertThat(ENCLOSURES.all(elsewhere)).isEmpty();
    for (Runnable reach :
        List.<Runnable>of(
            () -> ENCLOSURES.get(elsewhere, id),
            () -> ENCLOSURES.save(elsewhere, id, design("Taken")),
            () -> ENCLOSURES.move(elsewhere, id, room),
            () -> ENCLOSURES.removeResident(elsewhere, id, resident),
            () ->
                ENCLOSURES.create(elsewhere, room, design("Foreign room"), DAY, UUID.randomUUID()),
            () ->
                ENCLOSURES.measure(
                    elsewhere,
                    id,
                    resident,
                    DAY,
                    OptionalDouble.of(1),
                    OptionalDouble.empty(),
                    UUID.randomUUID()),
            () ->
                ROUNDS.settle(elsewhere, id, "spot-clean", DAY, 1, false, "", UUID.randomUUID()))) {
      assertThatThrownBy(reach::run)
          .isInstanceOf(ResponseStatusException.class)
          .hasMessageContaining("404");
    }
    assertThat(ROUNDS.undo(elsewhere, DAY)).isEmpty();
  }

  @Test
  void a_helper_is_stopped_in_the_service_too() {
    long id = tank("Guarded");
    CollectionContext helper =
        new CollectionContext(place.person(), place.collection(), Role.HELPER, DAY);
    assertThatThrownBy(() -> ENCLOSURES.save(helper, id, design("Guarded")))
        .isInstanceOf(AccessDeniedException.class);
    assertThatThrownBy(() -> ENCLOSURES.saveRoom(helper, room, "Room", Site.LIVING_ROOM))
        .isInstanceOf(AccessDeniedException.class);
    assertThatThrownBy(() -> ENCLOSURES.removeResident(helper, id, 1))
        .isInstanceOf(AccessDeniedException.class);
  }
}
