package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Samples;
import app.islet.core.animal.HealthNote;
import app.islet.core.animal.Resident;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Missing;
import app.islet.core.plan.Completion;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.Planner;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * The list of the day is what {@code samples/situations.yaml} says, written before it was asked.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SituationsTest {
  private static final int BEGAN_DAYS_AGO = 30;
  private static final HealthTables TABLES = HealthTables.bundled();

  /** One of them; days before its own are told as "ago". */
  private record Situation(String name, JsonNode told, LocalDate day) {
    @Override
    public String toString() {
      return name;
    }

    private LocalDate ago(JsonNode days) {
      return day.minusDays(days.asInt());
    }

    List<DueTask> list() throws IOException {
      EnclosureDocument document = Samples.read(told);
      List<Resident> residents = new ArrayList<>(document.residents());
      if (!residents.isEmpty()) {
        residents.set(0, residents.get(0).noted(notes(residents.get(0))));
      }
      HusbandryState state =
          HusbandryState.of(
              document.enclosure(), residents, day, new WaterRecord(tests(), events()));
      return DayList.on(
          day,
          Planner.plan(state).declining(declined()),
          day.minusDays(BEGAN_DAYS_AGO),
          history(state));
    }

    private List<HealthNote> notes(Resident r) {
      List<HealthNote> notes = new ArrayList<>();
      for (JsonNode note : told.path("notes")) {
        int id = notes.size() + 1;
        LocalDate since = ago(note.get("ago"));
        if (note.has("course")) {
          Course course = TABLES.course(note.get("course").asString()).orElseThrow();
          List<LocalDate> done = note.has("last") ? List.of(ago(note.get("last"))) : List.of();
          notes.add(CourseRun.of(course, course.pace().usualDays(), since, done).note(id, day));
        } else if (note.has("case")) {
          List<Sign> seen =
              note.get("case")
                  .valueStream()
                  .map(sign -> TABLES.sign(sign.asString()).orElseThrow())
                  .toList();
          notes.add(Sign.note(id, seen, since, r.count() == 1));
        } else if (note.has("missed")) {
          List<LifeEvent> events =
              Stream.of(event(note.get("ago"), "SEEN"), event(note.get("missed"), "MISSED"))
                  .sorted(Comparator.comparing(LifeEvent::day))
                  .toList();
          Missing.of(r.stage(), r.count() == 1, events, Optional.empty(), day)
              .ifPresent(missing -> notes.add(missing.note(id, day)));
        } else {
          LifeEvent.Kind kind = LifeEvent.Kind.valueOf(note.get("skin").asString());
          Skin.of(
                  TABLES.skin(r.sheet().group()),
                  r.bodyCm(),
                  r.count() == 1,
                  List.of(new LifeEvent(since, kind, OptionalDouble.empty(), "")),
                  day)
              .note(r.count() == 1, day)
              .ifPresent(notes::add);
        }
      }
      return notes;
    }

    private LifeEvent event(JsonNode ago, String kind) {
      return new LifeEvent(ago(ago), LifeEvent.Kind.valueOf(kind), OptionalDouble.empty(), "");
    }

    private List<WaterTest> tests() {
      List<WaterTest> tests = new ArrayList<>();
      for (JsonNode test : told.path("tests")) {
        Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
        test.properties().stream()
            .filter(e -> !e.getKey().equals("ago"))
            .forEach(
                e ->
                    values.put(
                        Parameter.valueOf(e.getKey().toUpperCase(Locale.ROOT)),
                        e.getValue().asDouble()));
        tests.add(new WaterTest(ago(test.get("ago")), values));
      }
      return tests;
    }

    private List<WaterEvent> events() {
      return told.path("events")
          .valueStream()
          .map(
              e ->
                  new WaterEvent(
                      ago(e.get("ago")),
                      WaterEvent.Kind.valueOf(e.get("kind").asString()),
                      e.path("amount").asDouble(0)))
          .toList();
    }

    /** For so many days from that day on. */
    private List<Acceptance> declined() {
      return told.path("declined").properties().stream()
          .map(
              e ->
                  new Acceptance(
                      e.getKey(), "", Severity.WATCH, "so", day.plusDays(e.getValue().asInt())))
          .toList();
    }

    private List<Completion> history(HusbandryState state) {
      List<Completion> history = new ArrayList<>();
      for (String how : List.of("done", "skipped")) {
        told.path(how)
            .properties()
            .forEach(
                e ->
                    history.add(
                        new Completion(
                            whole(state, e.getKey()),
                            ago(e.getValue()),
                            1,
                            how.equals("skipped"))));
      }
      return history;
    }

    private static String whole(HusbandryState state, String key) {
      return Planner.plan(state).tasks().stream()
          .map(task -> task.key())
          .filter(k -> k.startsWith(key))
          .findFirst()
          .orElse(key);
    }

    List<String> expected(String where) {
      return told.get(where).valueStream().map(JsonNode::asString).toList();
    }
  }

  static Stream<Situation> situations() throws IOException {
    return Samples.told("situations.yaml")
        .map(told -> new Situation(told.get("name").asString(), told, Samples.day(told)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("situations")
  void the_list_of_the_day_is_what_a_keeper_expects(Situation situation) throws IOException {
    List<String> left =
        situation.list().stream()
            .filter(due -> !due.settled())
            .map(
                due ->
                    "%s = %s, %s"
                        .formatted(
                            due.task().key(),
                            due.task().title().text(UnitSystem.METRIC),
                            due.amount().text(UnitSystem.METRIC)))
            .toList();
    assertThat(situation.expected("there"))
        .as("on the list %s", left)
        .allSatisfy(wanted -> assertThat(left).anyMatch(line -> isMeant(wanted, line)));
    assertThat(left)
        .noneMatch(line -> situation.expected("away").stream().anyMatch(line::startsWith));
  }

  private static boolean isMeant(String wanted, String line) {
    String[] parts = wanted.split(" = ");
    Optional<String> words = parts.length > 1 ? Optional.of(parts[1]) : Optional.empty();
    return line.startsWith(parts[0]) && words.map(line::contains).orElse(true);
  }
}
