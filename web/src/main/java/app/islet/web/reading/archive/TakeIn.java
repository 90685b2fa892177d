package app.islet.web.reading.archive;

import app.islet.core.text.CsvCell;
import app.islet.core.text.UnreadableException;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.NewCollections;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads an archive into a new collection, whole or not at all. Whoever reads it in owns it; those
 * who entered what is in it are names without an account.
 */
@Service
public class TakeIn {
  private static final int AT_A_TIME = 500;
  private static final int MAX_PEOPLE = 1000;

  private final JdbcTemplate sql;
  private final Entities entities;
  private final NewCollections collections;
  private final People people;
  private final Soundness soundness;

  TakeIn(
      JdbcTemplate sql,
      Entities entities,
      NewCollections collections,
      People people,
      Soundness soundness) {
    this.sql = sql;
    this.entities = entities;
    this.collections = collections;
    this.people = people;
    this.soundness = soundness;
  }

  /**
   * @param clientId under which it is asked for: a second time it is the collection there is
   * @throws UnreadableException with the file, the line and the reason if anything in it is not as
   *     it should be; then nothing is kept
   */
  @Transactional
  public AnimalCollection read(Person owner, Path file, UUID clientId) {
    return read(owner, List.of(), file, clientId, 0);
  }

  /**
   * The same, as if all in it had happened so many days later.
   *
   * @param others with accounts, who are those of their name in the archive
   * @param daysLater may be less than 0
   */
  @Transactional
  public AnimalCollection read(
      Person owner, List<Person> others, Path file, UUID clientId, int daysLater) {
    // Of two that ask at the same moment the second waits here, and finds what the first made.
    collections.hold(clientId);
    return collections
        .made(owner, clientId)
        .orElseGet(
            () -> {
              List<Person> known = new ArrayList<>(others);
              known.add(owner);
              return readNew(owner, known, file, clientId, new DayShift(daysLater));
            });
  }

  private AnimalCollection readNew(
      Person owner, List<Person> known, Path file, UUID clientId, DayShift shift) {
    try (ArchiveFile archive = ArchiveFile.open(file)) {
      requireKnown(archive);
      Layout layout = Layout.of(sql, entities);
      Map<String, Numbers> numbers = new HashMap<>();
      numbers.put(Layout.PERSON, people(archive, known));
      AnimalCollection collection = collection(archive, layout, owner, clientId);
      for (Table table : layout.tables()) {
        if (!table.name().equals(Layout.COLLECTION) && archive.has(table.path())) {
          table(archive, table, collection.id(), numbers, shift);
        }
      }
      soundness.require(owner, collection);
      return collection;
    } catch (IOException e) {
      throw ArchiveFile.refused("This file", 1, "it is damaged");
    }
  }

  private static void requireKnown(ArchiveFile archive) {
    int version =
        archive.has(Descriptor.PATH) ? Descriptor.version(archive.text(Descriptor.PATH)) : -1;
    if (version < 0) {
      throw ArchiveFile.refused(
          "This file",
          1,
          "it is no collection of Islet: it has no %s that says so".formatted(Descriptor.PATH));
    }
    if (version > Descriptor.VERSION) {
      throw ArchiveFile.refused(
          Descriptor.PATH,
          1,
          "this archive is of a newer Islet (version %d; this one reads %d): use that one or a newer one"
              .formatted(version, Descriptor.VERSION));
    }
  }

  /** Names without an account; whoever has the name of one who is known is that one. */
  private Numbers people(ArchiveFile archive, List<Person> known) {
    Map<String, Person> byName = new HashMap<>();
    known.forEach(person -> byName.put(person.name(), person));
    Map<Long, Long> read = new LinkedHashMap<>();
    TableFile.read(
        archive,
        Descriptor.PEOPLE,
        List.of("id", "name"),
        line -> {
          String name = CsvCell.read(Objects.requireNonNullElse(line.get("name"), ""));
          if (read.size() == MAX_PEOPLE) {
            throw ArchiveFile.refused(
                Descriptor.PEOPLE,
                line.getRecordNumber() + 1,
                "more than %d people are in it".formatted(MAX_PEOPLE));
          }
          if (name.isBlank() || name.length() > 60 || name.indexOf('\0') >= 0) {
            throw ArchiveFile.refused(
                Descriptor.PEOPLE, line.getRecordNumber() + 1, "a name has 1 to 60 characters");
          }
          read.put(
              id(Descriptor.PEOPLE, line),
              Optional.ofNullable(byName.get(name)).orElseGet(() -> people.named(name)).id());
        });
    return numbers(read);
  }

  private static Numbers numbers(Map<Long, Long> read) {
    long[] here = read.keySet().stream().mapToLong(Long::longValue).sorted().toArray();
    return new Numbers(here, Arrays.stream(here).map(read::get).toArray());
  }

  private AnimalCollection collection(
      ArchiveFile archive, Layout layout, Person owner, UUID clientId) {
    Table table =
        layout.tables().stream()
            .filter(t -> t.name().equals(Layout.COLLECTION))
            .findFirst()
            .orElseThrow();
    Map<String, @Nullable Object> is = new HashMap<>();
    Row row =
        new Row(
            archive,
            table,
            Map.of(Layout.COLLECTION, Numbers.counted(new long[] {1})),
            DayShift.NONE);
    TableFile.read(
        archive,
        table.path(),
        table.names(),
        line -> table.columns().forEach(c -> is.put(c.name(), row.value(line, c))));
    if (is.isEmpty()) {
      throw ArchiveFile.refused(table.path(), 1, "it has no line");
    }
    String name = String.valueOf(is.get("name"));
    if (name.isBlank() || name.length() > 60) {
      throw ArchiveFile.refused(table.path(), 2, "a name has 1 to 60 characters");
    }
    AnimalCollection made = collections.create(name, zone(table, is), owner, clientId);
    sql.update(
        "update collection set walk_order = ?, contact = ? where id = ?",
        is.get("walk_order"),
        is.get("contact"),
        made.id());
    return made;
  }

  private static ZoneId zone(Table table, Map<String, @Nullable Object> is) {
    try {
      return ZoneId.of(String.valueOf(is.get("zone")));
    } catch (DateTimeException e) {
      throw ArchiveFile.refused(
          table.path(), 2, "zone: \"%s\" is no time zone".formatted(is.get("zone")));
    }
  }

  private void table(
      ArchiveFile archive,
      Table table,
      long collectionId,
      Map<String, Numbers> numbers,
      DayShift shift) {
    if (table.isNumbered()) {
      numbers.put(table.name(), newNumbers(archive, table));
    }
    if (table.name().equals("place")) {
      // The database has made a place of each enclosure; the archive has them too.
      sql.update("delete from place where collection_id = ?", collectionId);
    }
    Additions additions = new Additions(sql, table, collectionId, AT_A_TIME);
    Row row = new Row(archive, table, numbers, shift);
    TableFile.read(
        archive,
        table.path(),
        table.names(),
        line -> additions.add(line.getRecordNumber() + 1, values(table, row, line)));
    additions.finish();
  }

  private static Map<Column, @Nullable Object> values(Table table, Row row, CSVRecord line) {
    Map<Column, @Nullable Object> values = new LinkedHashMap<>();
    for (Column column : table.columns()) {
      if (line.isMapped(column.name())) {
        values.put(column, row.value(line, column));
      }
    }
    return values;
  }

  /** Numbers nobody has here, in the same order. */
  private Numbers newNumbers(ArchiveFile archive, Table table) {
    List<Long> ids = new ArrayList<>();
    TableFile.read(archive, table.path(), table.names(), line -> ids.add(id(table.path(), line)));
    long[] here = ids.stream().mapToLong(Long::longValue).sorted().toArray();
    for (int i = 1; i < here.length; i++) {
      if (here[i] == here[i - 1]) {
        throw ArchiveFile.refused(table.path(), 1, "there are two rows %d".formatted(here[i]));
      }
    }
    List<Long> there =
        sql.queryForList(
            "select nextval(coalesce(pg_get_serial_sequence(?, 'id'), 'log_entry_seq')) from generate_series(1, ?)",
            Long.class,
            table.name(),
            here.length);
    return new Numbers(here, there.stream().mapToLong(Long::longValue).sorted().toArray());
  }

  private static long id(String path, CSVRecord line) {
    String id = line.isMapped("id") ? line.get("id") : null;
    if (id == null || !id.matches("\\d{1,18}")) {
      throw ArchiveFile.refused(
          path, line.getRecordNumber() + 1, "id: every row has a number of its own");
    }
    return Long.parseLong(id);
  }
}
