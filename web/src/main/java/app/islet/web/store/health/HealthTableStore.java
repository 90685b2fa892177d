package app.islet.web.store.health;

import app.islet.core.health.HealthTables;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tables a collection works with: those of Islet, and its own in the place of some. */
@Service
public class HealthTableStore {
  private static final int MAX_CHARACTERS = 200_000;

  private final OwnHealthTableRepository tables;
  private final CollectionStore collections;
  private final Clock clock;

  /** Saved rows never change, so what was once read of the same rows holds for good. */
  private final Map<List<Long>, HealthTables> read = new ConcurrentHashMap<>();

  HealthTableStore(OwnHealthTableRepository tables, CollectionStore collections, Clock clock) {
    this.tables = tables;
    this.collections = collections;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public HealthTables tables(CollectionContext context) {
    List<OwnHealthTable> own = own(context);
    return own.isEmpty()
        ? HealthTables.bundled()
        : read.computeIfAbsent(
            own.stream().map(OwnHealthTable::id).toList(), ids -> HealthTables.of(texts(own)));
  }

  /** The tables of its own, by their names, as they are now. */
  @Transactional(readOnly = true)
  public List<OwnHealthTable> own(CollectionContext context) {
    return tables.newest(context.collectionId()).stream()
        .filter(t -> t.yaml().isPresent())
        .toList();
  }

  private static Map<String, String> texts(List<OwnHealthTable> own) {
    Map<String, String> texts = new LinkedHashMap<>();
    own.forEach(t -> t.yaml().ifPresent(yaml -> texts.put(t.name(), yaml)));
    return texts;
  }

  /** A table as it is written. */
  @Transactional(readOnly = true)
  public String text(CollectionContext context, String name) {
    return texts(own(context)).getOrDefault(name, HealthTables.text(name));
  }

  /**
   * Takes a table into use in the place of Islet's, with those that are in use already.
   *
   * @throws UnreadableException if it cannot be read, or does not fit to the others
   */
  @Transactional
  public void save(CollectionContext context, String name, String yaml, String reason) {
    context.require(Role.KEEPER);
    if (yaml.length() > MAX_CHARACTERS) {
      throw new UnreadableException(
          name,
          List.of(
              new Problem(
                  "", 1, "the file is longer than %d characters".formatted(MAX_CHARACTERS))));
    }
    collections.lock(context);
    Map<String, String> texts = texts(own(context));
    if (yaml.equals(texts.get(name))) {
      return;
    }
    texts.put(name, yaml);
    HealthTables.of(texts);
    tables.saveAndFlush(
        new OwnHealthTable(
            context.collectionId(), name, yaml, reason, clock.instant(), context.person().id()));
  }

  /**
   * Goes back to the table of Islet; twice is harmless.
   *
   * @throws UnreadableException if another table of its own needs what only the own one has
   */
  @Transactional
  public void takeOut(CollectionContext context, String name) {
    context.require(Role.KEEPER);
    collections.lock(context);
    Map<String, String> texts = texts(own(context));
    if (texts.remove(name) == null) {
      return;
    }
    HealthTables.of(texts);
    tables.saveAndFlush(
        new OwnHealthTable(
            context.collectionId(), name, null, "", clock.instant(), context.person().id()));
  }
}
