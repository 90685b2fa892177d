package app.islet.web.base.support;

import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.Belongings;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;

/** How many rows each table has of a collection, and how many collections its keeper has. */
public final class Rows {
  private final JdbcTemplate sql = Islet.running().bean(JdbcTemplate.class);
  private final String counting;

  private Rows(AnimalCollection collection, Person keeper) {
    String tables =
        Belongings.of(sql).of(collection.id()).entrySet().stream()
            .map(
                t ->
                    "select '%1$s' as name, count(*) as rows from %1$s where %2$s"
                        .formatted(t.getKey(), t.getValue()))
            .collect(Collectors.joining(" union all "));
    counting =
        tables
            + " union all select 'collections', count(*) from membership where person_id = "
            + keeper.id();
  }

  public static Rows of(AnimalCollection collection, Person keeper) {
    return new Rows(collection, keeper);
  }

  public Map<String, Long> count() {
    Map<String, Long> rows = new TreeMap<>();
    // Prepared, as planning it takes longer than counting.
    sql.query(
        connection -> connection.prepareStatement(counting),
        row -> {
          rows.put(row.getString(1), row.getLong(2));
        });
    return rows;
  }
}
