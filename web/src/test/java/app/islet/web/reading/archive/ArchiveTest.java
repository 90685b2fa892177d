package app.islet.web.reading.archive;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.Belongings;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A collection taken out and read in again is the same collection. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchiveTest {
  private static final Islet ISLET = Islet.running();
  private static final JdbcTemplate SQL = ISLET.bean(JdbcTemplate.class);

  /** Rights, secret addresses and where somebody is reminded: an archive gives nobody any. */
  private static final Set<String> KEYS =
      Set.of("membership", "invitation", "calendar_feed", "reminder", "reminder_sent");

  private static final String PASSWORD = "quiet water by the weir";

  @TempDir Path folder;

  private final Person owner =
      ISLET.bean(People.class).register("archive-" + System.nanoTime(), "Reader", PASSWORD);

  private static CollectionContext demo() {
    return context(
        ISLET.bean(People.class).find("mill").orElseThrow(),
        SQL.queryForObject("select id from collection where slug = 'weir-mill'", Long.class));
  }

  private static CollectionContext context(Person person, long collectionId) {
    String slug =
        SQL.queryForObject("select slug from collection where id = ?", String.class, collectionId);
    return ISLET.bean(CollectionContexts.class).find(person.login(), slug).orElseThrow();
  }

  private Path takenOut(CollectionContext context) {
    Path file = folder.resolve(UUID.randomUUID() + ".zip");
    ISLET.bean(TakeOut.class).write(context, file);
    return file;
  }

  private AnimalCollection readIn(Path file) {
    return ISLET.bean(TakeIn.class).read(owner, file, UUID.randomUUID());
  }

  /** What is in a file, but for the moment it was written. */
  private static Map<String, String> contents(Path file) throws IOException {
    Map<String, String> contents = new TreeMap<>();
    try (ZipFile zip = new ZipFile(file.toFile())) {
      for (ZipEntry entry : Collections.list(zip.entries())) {
        try (InputStream in = zip.getInputStream(entry)) {
          contents.put(
              entry.getName(),
              new String(in.readAllBytes(), StandardCharsets.ISO_8859_1)
                  .replaceAll("in Islet at \\S+:", "in Islet:"));
        }
      }
    }
    return contents;
  }

  private Path changed(Path file, String path, UnaryOperator<String> change) throws IOException {
    Path other = folder.resolve(UUID.randomUUID() + ".zip");
    try (ZipFile zip = new ZipFile(file.toFile());
        ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(other))) {
      for (ZipEntry entry : Collections.list(zip.entries())) {
        byte[] bytes = zip.getInputStream(entry).readAllBytes();
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(
            entry.getName().equals(path)
                ? change
                    .apply(new String(bytes, StandardCharsets.UTF_8))
                    .getBytes(StandardCharsets.UTF_8)
                : bytes);
      }
    }
    return other;
  }

  /** What the demo has nothing of. */
  private void fillTheRest(long collection) {
    long person = owner.id();
    long enclosure = one("select min(id) from enclosure where collection_id = ?", collection);
    long animal = one("select min(id) from animal where collection_id = ?", collection);
    SQL.update(
        "insert into correction (enclosure_id, parameter, from_value, to_value, begun_on, client_id) values (?, 'PH', 8.125, 7.5, '2026-03-01', gen_random_uuid())",
        enclosure);
    SQL.update("insert into day_list values (?, '2026-03-01', '[]')", enclosure);
    SQL.update(
        "insert into item_price (enclosure_id, item, price, set_at, set_by, offer) values (?, 'filter', 12.50, now(), ?, null)",
        enclosure,
        person);
    SQL.update(
        "insert into menu_entry (animal_id, stage, foods, fasting, since, reason, client_id, entered_at, entered_by) values (?, 'adult', '', '', '2026-03-01', '=1+1 \"quoted\", and' || chr(10) || 'two lines', gen_random_uuid(), now(), ?)",
        animal,
        person);
    SQL.update("insert into planned_day values (?, 'water-change', null, '2026-03-02')", enclosure);
    SQL.update(
        "insert into step_tick (enclosure_id, step, done_on, ticked_at, ticked_by) values (?, 'fill', '2026-03-01', now(), ?)",
        enclosure,
        person);
    SQL.update(
        "insert into tariff (collection_id, per_kwh, currency, set_at, set_by) values (?, 0.3150, '-EUR', now(), ?)",
        collection,
        person);
    SQL.update(
        "insert into own_health_table (collection_id, name, yaml, reason, saved_at, saved_by) values (?, 'signs', null, 'back to those of Islet', now(), ?)",
        collection,
        person);
    SQL.update(
        "insert into culture_care (culture_id, day, client_id, entered_at, entered_by) select min(id), '2026-03-01', gen_random_uuid(), now(), ? from culture where collection_id = ?",
        person,
        collection);
    SQL.update(
        "insert into rights_entry (collection_id, at, done_by, what) values (?, now(), ?, 'made Bo keeper')",
        collection,
        person);
    SQL.update(
        "update room set residual_current_device = null where collection_id = ?", collection);
    SQL.update(
        "update collection set contact = '''=apostrophe', walk_order = 'OWN' where id = ?",
        collection);
  }

  private static long one(String query, Object... values) {
    return SQL.queryForObject(query, Long.class, values);
  }

  @Test
  void every_table_and_column_of_a_collection_is_in_it_or_is_a_key() {
    Belongings belongings = Belongings.of(SQL);
    Layout layout = Layout.of(SQL, ISLET.bean(Entities.class));
    assertThat(layout.tables())
        .extracting(Table::name)
        .containsExactlyInAnyOrderElementsOf(
            belongings.tables().stream().filter(t -> !KEYS.contains(t)).toList());
    for (Table table : layout.tables()) {
      List<String> columns =
          new ArrayList<>(
              SQL.queryForList(
                  "select column_name from information_schema.columns where table_schema = 'public' and table_name = ?",
                  String.class,
                  table.name()));
      columns.removeAll(Layout.HIDDEN);
      assertThat(table.names()).as(table.name()).containsExactlyInAnyOrderElementsOf(columns);
    }
  }

  @Test
  void what_is_read_in_is_what_was_taken_out() throws IOException {
    AnimalCollection first = readIn(takenOut(demo()));
    fillTheRest(first.id());
    Path file = takenOut(context(owner, first.id()));
    AnimalCollection second = readIn(file);

    Map<String, String> before = contents(file);
    Map<String, String> after = contents(takenOut(context(owner, second.id())));
    assertThat(after.keySet()).isEqualTo(before.keySet());
    before.forEach((name, content) -> assertThat(after.get(name)).as(name).isEqualTo(content));
    assertThat(before.entrySet())
        .filteredOn(e -> e.getKey().startsWith("data/"))
        .allSatisfy(e -> assertThat(e.getValue().lines().count()).as(e.getKey()).isGreaterThan(1));
    assertThat(second.slug()).isNotEqualTo(first.slug());
  }

  private record Fault(String path, String from, String to, String says) {}

  private static Stream<Fault> faults() {
    return Stream.of(
        new Fault("datapackage.json", "\"islet\" : 1", "\"islet\" : 2", "newer Islet"),
        new Fault("datapackage.json", "\"islet\" : 1", "\"other\" : 1", "no collection of Islet"),
        new Fault("data/collection.csv", "\"UTC\"", "\"Nowhere\"", "no time zone"),
        new Fault(
            "data/water-test.csv", "\"day\"", "\"dya\"", "line 1: there is no column \"dya\""),
        new Fault("data/water-test.csv", "\n\"1\",", "\n\"x\",", "line 2: id:"),
        new Fault("data/water-test.csv", "\n\"2\",", "\n\"1\",", "two rows 1"),
        new Fault("data/movement.csv", "\"KEPT\"", "\"AWAY\"", "\"AWAY\" is none of"),
        new Fault("data/tub-entry.csv", "Z\"", "\"", "is not a moment"),
        new Fault(
            "data/measurement.csv", "\n\"1\",\"1\"", "\n\"1\",\"999\"", "no row 999 in animal"),
        new Fault("data/movement.csv", "\n\"1\",\"1\"", "\n\"1\"", "cells, the first line has"),
        new Fault("data/animal.csv", "\"axolotl\"", "\"dragon\"", "no care sheet \"dragon\""),
        new Fault("designs/1-1.json", "\"vessel\"", "\"vassel\"", "/vessel: this is missing"),
        new Fault("designs/1-1.json", "{", "[", "designs/1-1.json"),
        new Fault("care-sheets/axolotl-own-2.yaml", "stages:", "stagse:", "axolotl-own.yaml"),
        new Fault("photos/1.jpg", "JFIF", "XXXX", "no picture Islet keeps"));
  }

  @ParameterizedTest
  @MethodSource("faults")
  void a_damaged_one_is_refused_with_its_place_and_nothing_of_it_is_kept(Fault fault)
      throws IOException {
    Path file =
        changed(
            takenOut(demo()),
            fault.path(),
            text -> {
              assertThat(text).contains(fault.from());
              return text.replaceFirst(Pattern.quote(fault.from()), fault.to());
            });
    long people = one("select count(*) from person");

    assertThatThrownBy(() -> readIn(file))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining(fault.says());

    assertThat(one("select count(*) from person")).isEqualTo(people);
    assertThat(one("select count(*) from membership where person_id = ?", owner.id())).isZero();
  }

  @Test
  void a_file_that_is_no_archive_is_refused() throws IOException {
    Path text = Files.writeString(folder.resolve("text.zip"), "water");
    assertThatThrownBy(() -> readIn(text)).hasMessageContaining("no ZIP file");
  }

  @Test
  void asked_for_twice_it_is_read_in_once() {
    Path file = takenOut(demo());
    UUID id = UUID.randomUUID();
    TakeIn takeIn = ISLET.bean(TakeIn.class);
    CompletableFuture<AnimalCollection> other =
        CompletableFuture.supplyAsync(() -> takeIn.read(owner, file, id));
    AnimalCollection one = takeIn.read(owner, file, id);
    assertThat(other.join().id()).isEqualTo(one.id());
    assertThat(takeIn.read(owner, file, id).id()).isEqualTo(one.id());
    assertThat(one("select count(*) from animal where collection_id = ?", one.id()))
        .isEqualTo(
            one("select count(*) from animal where collection_id = ?", demo().collectionId()));
  }

  @Test
  void nobody_gets_an_account_or_a_right_by_it() {
    long accounts = one("select count(*) from person where disabled_at is null");
    AnimalCollection read = readIn(takenOut(demo()));
    assertThat(one("select count(*) from person where disabled_at is null")).isEqualTo(accounts);
    assertThat(one("select count(*) from membership where collection_id = ?", read.id())).isOne();
  }

  @Test
  void a_keeper_downloads_it_and_reads_it_in_from_the_collection_page() throws IOException {
    AnimalCollection mine = readIn(takenOut(demo()));
    Page page = ISLET.signedIn(owner.login(), PASSWORD);
    page.navigate("/c/" + mine.slug() + "/collection");
    Download file = page.waitForDownload(() -> page.locator("a[download]").click());
    assertThat(file.suggestedFilename()).startsWith("weir-mill-20").endsWith(".zip");
    Path kept = folder.resolve("kept.zip");
    file.saveAs(kept);

    page.getByText("Read in a collection").click();
    page.getByLabel("File").setInputFiles(Files.writeString(folder.resolve("a.zip"), "no"));
    Hands.press(page, "Read in");
    assertThat(page.locator("#archive-problem")).containsText("no ZIP file");
    page.getByLabel("File").setInputFiles(kept);
    Hands.press(page, "Read in");
    assertThat(page.locator(".flash")).hasText("The collection was read in.");
    assertThat(page.locator("main")).containsText("Slate tank");
    for (String rest :
        List.of("/animals", "/rounds", "/rearing", "/kitchen", "/weeks", "/health")) {
      String address = page.url() + rest;
      assertThat(page.request().get(address).status()).as(address).isEqualTo(200);
    }
  }
}
