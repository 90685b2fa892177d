package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Demo;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.PageForms;
import app.islet.web.base.support.Rows;
import app.islet.web.base.support.TestClock;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A machine that fails, and days that are not like others. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FaultsTest {
  private static final Islet ISLET = Islet.running();
  private static final JdbcTemplate SQL = ISLET.bean(JdbcTemplate.class);
  private static final String PASSWORD = "all that can go wrong";

  private static HttpKeeper keeper;
  private static AnimalCollection mine;
  private static Rows rows;
  private static long animal;

  @BeforeAll
  static void a_collection() {
    Person owner = ISLET.bean(People.class).register("faults", "Faults", PASSWORD);
    mine = Demo.copyFor(owner);
    keeper = new HttpKeeper(ISLET.base(), "faults", PASSWORD);
    rows = Rows.of(mine, owner);
    animal =
        SQL.queryForObject(
            "select min(id) from animal where collection_id = ?", Long.class, mine.id());
  }

  @AfterEach
  void sound_again() {
    TestClock.right();
    SQL.execute("drop trigger if exists fault on movement");
    SQL.execute("drop trigger if exists fault on life_entry");
  }

  private static String at(String rest) {
    return "/c/" + mine.slug() + rest;
  }

  private static Map<String, String> seen(UUID id) {
    return Map.of(
        "kind", "SEEN",
        "happenedOn", TestClock.today().minusDays(1).toString(),
        "clientId", id.toString());
  }

  /** As PostgreSQL itself says it: appendix A of its manual. */
  private static void failing(String table, String when, String code) {
    SQL.execute(
        """
        create or replace function fault() returns trigger language plpgsql as $$ begin
          if %s then raise exception 'no' using errcode = '%s'; end if; return new; end $$"""
            .formatted(when, code));
    SQL.execute(
        "create trigger fault before insert on %s for each row execute function fault()"
            .formatted(table));
  }

  @ParameterizedTest
  @CsvSource({
    "53100, The disk of this server is full",
    "25006, Islet can only be read right now",
    "57P01, Islet cannot reach its data right now"
  })
  void a_database_that_takes_nothing_more_is_told_and_what_is_sent_again_is_there_once(
      String code, String sentence) {
    UUID id = UUID.randomUUID();
    Map<String, Long> before = rows.count();
    failing("life_entry", "true", code);
    HttpResponse<String> answer = keeper.post(at("/animals/" + animal + "/happened"), seen(id));
    assertThat(answer.statusCode()).isEqualTo(503);
    assertThat(answer.body()).contains(sentence).contains("was not saved");
    assertThat(rows.count()).isEqualTo(before);
    assertThat(keeper.get(at("/animals/" + animal)).statusCode()).isEqualTo(200);

    sound_again();
    for (int time = 0; time < 2; time++) {
      keeper.post(at("/animals/" + animal + "/happened"), seen(id));
    }
    assertThat(count("life_entry", id)).isOne();
  }

  /** As after a kill: PostgreSQL writes a number down with what it was given for, not before. */
  @Test
  void a_number_that_is_given_twice_is_no_fault_of_the_keeper() {
    // More than a server holds in advance.
    int many = 60;
    assertThat(askedFor(many)).isEqualTo(many);
    // The next numbers begin with the newest that is taken, whatever gaps lie below it.
    Long newest =
        SQL.queryForObject(
            "select max(id) from life_entry where animal_id = ?", Long.class, animal);
    Long given = SQL.queryForObject("select last_value from log_entry_seq", Long.class);
    SQL.execute("select setval('log_entry_seq', %d)".formatted(newest - 1));
    assertThat(askedFor(many)).as("some were given twice").isGreaterThan(many);
    SQL.execute("select setval('log_entry_seq', %d)".formatted(given + 100));
  }

  /** How often was asked until so many were saved, each once. */
  private static int askedFor(int count) {
    int asked = 0;
    for (int n = 0; n < count; n++) {
      UUID id = UUID.randomUUID();
      HttpResponse<String> answer;
      do {
        answer = keeper.post(at("/animals/" + animal + "/happened"), seen(id));
        assertThat(answer.statusCode()).isIn(302, 503);
        asked++;
      } while (answer.statusCode() == 503);
      assertThat(count("life_entry", id)).isOne();
    }
    return asked;
  }

  @Test
  void of_an_act_of_many_rows_none_is_kept_when_one_fails() {
    PageForms.Filled singleOut =
        PageForms.of(keeper, at("/animals"), TestClock.today().toString()).stream()
            .filter(form -> form.kind().endsWith("/single-out"))
            .findFirst()
            .orElseThrow();
    Map<String, String> fields = new LinkedHashMap<>(singleOut.fields());
    fields.putAll(Map.of("newName", "Pale one", "taken", "1"));
    Map<String, Long> before = rows.count();
    failing("movement", "(select count(*) from movement where act = new.act) > 0", "53100");
    assertThat(keeper.post(singleOut.action(), fields).statusCode()).isEqualTo(503);
    assertThat(rows.count()).isEqualTo(before);
    sound_again();
    assertThat(keeper.post(singleOut.action(), fields).statusCode()).isEqualTo(302);
    assertThat(rows.count()).isNotEqualTo(before);
  }

  private static long count(String table, UUID id) {
    return SQL.queryForObject(
        "select count(*) from " + table + " where client_id = ?", Long.class, id);
  }

  private static final List<String> PAGES =
      List.of("", "/rounds", "/weeks", "/kitchen", "/animals", "/rearing", "/health", "/weeks");

  private static void assertPagesAnswer() {
    for (String page : PAGES) {
      assertThat(keeper.get(at(page)).statusCode()).as(page).isEqualTo(200);
    }
  }

  /** Leap day, the nights of daylight saving in Vienna, the last second of a year. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "2028-02-29T12:00:00Z",
        "2027-03-28T00:59:58Z",
        "2027-03-28T01:00:01Z",
        "2027-10-31T00:30:00Z",
        "2027-10-31T01:30:00Z",
        "2027-12-31T22:59:59Z",
        "2027-12-31T23:00:01Z"
      })
  void on_days_that_are_not_like_others_every_page_answers(String moment) {
    SQL.update("update collection set zone = 'Europe/Vienna' where id = ?", mine.id());
    try {
      TestClock.set(Instant.parse(moment));
      assertPagesAnswer();
      UUID id = UUID.randomUUID();
      keeper.post(at("/animals/" + animal + "/happened"), seen(id));
      assertThat(count("life_entry", id)).isOne();
    } finally {
      SQL.update("update collection set zone = 'UTC' where id = ?", mine.id());
    }
  }

  @Test
  void a_clock_that_jumps_an_hour_loses_nothing_and_signs_nobody_out() {
    for (Duration jump : List.of(Duration.ofHours(1), Duration.ofHours(-1))) {
      TestClock.set(TestClock.now().plus(jump));
      UUID id = UUID.randomUUID();
      for (int time = 0; time < 2; time++) {
        keeper.post(at("/animals/" + animal + "/happened"), seen(id));
      }
      assertThat(count("life_entry", id)).isOne();
      assertPagesAnswer();
    }
  }

  @Test
  void a_task_ticked_off_after_midnight_stands_on_the_day_of_its_list() {
    LocalDate day = TestClock.today().plusDays(1);
    TestClock.set(day.atTime(23, 59, 30).toInstant(ZoneOffset.UTC));
    PageForms.Filled tick =
        PageForms.of(keeper, at("/rounds"), day.toString()).stream()
            .filter(form -> form.action().endsWith("/rounds") && form.fields().containsKey("task"))
            .findFirst()
            .orElseThrow();
    assertThat(tick.fields()).containsEntry("day", day.toString());
    TestClock.set(day.plusDays(1).atTime(0, 0, 30).toInstant(ZoneOffset.UTC));
    keeper.post(tick.action(), tick.fields());
    UUID id = UUID.fromString(tick.fields().get("clientId"));
    assertThat(
            SQL.queryForObject(
                "select day from round_entry where client_id = ?", LocalDate.class, id))
        .isEqualTo(day);
  }

  @Test
  void a_collection_moved_to_another_time_zone_keeps_the_days_of_what_was_entered() {
    TestClock.set(Instant.parse("2027-05-01T13:00:00Z"));
    String days =
        "select string_agg(day::text, ',' order by id) from measurement where animal_id = ?";
    String before = SQL.queryForObject(days, String.class, animal);
    assertThat(keeper.get(at("/rounds")).body()).contains("1 May");
    assertThat(keeper.post(at("/collection/zone"), Map.of("zone", "Pacific/Auckland")).statusCode())
        .isEqualTo(302);
    assertThat(keeper.get(at("/rounds")).body()).contains("2 May");
    assertPagesAnswer();
    assertThat(SQL.queryForObject(days, String.class, animal)).isEqualTo(before);
    HttpResponse<String> wrong = keeper.post(at("/collection/zone"), Map.of("zone", "Mars/North"));
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body()).contains("is not a time zone");
    keeper.post(at("/collection/zone"), Map.of("zone", "UTC"));
  }
}
