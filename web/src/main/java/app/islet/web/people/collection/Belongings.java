package app.islet.web.people.collection;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What belongs to a collection: whatever the database's own references lead to it, so that no table
 * is forgotten when one is added.
 */
public final class Belongings {
  private static final String ROOT = "collection";

  /** People stay, and so does nothing of theirs in other collections. */
  private static final String PEOPLE = "person";

  private static final String REFERENCES =
      """
      select c.conrelid::regclass::text as child, a.attname as field, c.confrelid::regclass::text as parent
      from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
      where c.contype = 'f'""";

  private final List<Reference> references;
  private final List<String> tables = new ArrayList<>();

  private Belongings(List<Reference> references) {
    this.references = references;
    visit(ROOT);
  }

  /** A field of a table that names a row of another, or of the same. */
  private record Reference(String child, String field, String parent) {}

  public static Belongings of(JdbcTemplate sql) {
    return new Belongings(
        sql.query(
            REFERENCES,
            (row, n) ->
                new Reference(
                    row.getString("child"), row.getString("field"), row.getString("parent"))));
  }

  private void visit(String table) {
    for (Reference r : references) {
      if (r.parent().equals(table)
          && !r.child().equals(PEOPLE)
          && !r.child().equals(table)
          && !tables.contains(r.child())) {
        visit(r.child());
      }
    }
    tables.add(0, table);
  }

  /** Every table, each behind all that it refers to; the collection itself is the first. */
  public List<String> tables() {
    return List.copyOf(tables);
  }

  /** The table that a field refers to. */
  public Optional<String> parent(String table, String field) {
    return references.stream()
        .filter(r -> r.child().equals(table) && r.field().equals(field))
        .map(Reference::parent)
        .findFirst();
  }

  /** For each table, in that order, the condition that a row of it is of this collection. */
  public Map<String, String> of(long collectionId) {
    Map<String, String> belongs = new LinkedHashMap<>();
    belongs.put(ROOT, "id = " + collectionId);
    tables.stream()
        .filter(table -> !table.equals(ROOT))
        .forEach(table -> belongs.put(table, belongs(table, belongs)));
    return belongs;
  }

  private String belongs(String table, Map<String, String> belongs) {
    return references.stream()
        .filter(r -> r.child().equals(table) && belongs.containsKey(r.parent()))
        .map(
            r ->
                "%s in (select id from %s where %s)"
                    .formatted(r.field(), r.parent(), belongs.get(r.parent())))
        .collect(Collectors.joining(" or ", "(", ")"));
  }
}
