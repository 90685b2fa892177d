package app.islet.web.reading.archive;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.text.UnreadableException;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Books;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.health.HealthTableStore;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Whether what was read in is what the application can work with: every document read by its own
 * reader, every species known, the books of the animals balanced.
 */
@Component
class Soundness {
  private static final String DESIGNS =
      """
      select e.name, r.number, r.document::text from enclosure_revision r
      join enclosure e on e.id = r.enclosure_id where e.collection_id = ? order by r.id""";

  private final JdbcTemplate sql;
  private final CareSheetStore sheets;
  private final HealthTableStore tables;
  private final Books books;
  private final Clock clock;

  Soundness(
      JdbcTemplate sql, CareSheetStore sheets, HealthTableStore tables, Books books, Clock clock) {
    this.sql = sql;
    this.sheets = sheets;
    this.tables = tables;
    this.books = books;
    this.clock = clock;
  }

  /**
   * @throws UnreadableException if it is not
   */
  void require(Person owner, AnimalCollection collection) {
    LocalDate today = LocalDate.now(clock.withZone(collection.zone()));
    CollectionContext context = new CollectionContext(owner, collection, Role.OWNER, today);
    CareLibrary library = sheets.library(context);
    tables.tables(context);
    DocumentReader reader = new DocumentReader(library);
    sql.query(
        DESIGNS,
        row -> {
          reader.read(
              "design %d of %s".formatted(row.getInt(2), row.getString(1)), row.getString(3));
        },
        collection.id());
    requireDesigns(collection);
    requireSpecies(collection, library);
    try {
      books.ledger(context);
    } catch (UnbalancedException e) {
      throw ArchiveFile.refused("data/movement.csv", 1, e.getMessage());
    }
  }

  private void requireDesigns(AnimalCollection collection) {
    sql.queryForList(
            """
            select name from enclosure e where collection_id = ?
            and not exists (select 1 from enclosure_revision r where r.enclosure_id = e.id)""",
            String.class,
            collection.id())
        .forEach(
            name -> {
              throw ArchiveFile.refused(
                  "data/enclosure-revision.csv", 1, "%s has no design".formatted(name));
            });
  }

  private void requireSpecies(AnimalCollection collection, CareLibrary library) {
    sql.queryForList(
            "select distinct species from animal where collection_id = ?",
            String.class,
            collection.id())
        .forEach(
            species -> {
              if (library.find(species).isEmpty()) {
                throw ArchiveFile.refused(
                    "data/animal.csv", 1, "there is no care sheet \"%s\"".formatted(species));
              }
            });
  }
}
