package app.islet.web.base.backup;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A PostgreSQL, and how to reach it.
 *
 * @param url as JDBC has it, {@code jdbc:postgresql://host:port/name}
 */
public record Database(String url, String user, String password) {
  private static final String TABLES =
      "select table_name from information_schema.tables"
          + " where table_schema = 'public' and table_type = 'BASE TABLE' order by table_name";

  Connection connect() throws SQLException {
    return DriverManager.getConnection(url, user, password);
  }

  /** The same address as PostgreSQL's own programs want it. */
  String address() {
    return url.replaceFirst("^jdbc:", "");
  }

  /** Rows of each table, as one transaction sees them. */
  static Map<String, Long> rows(Connection connection) throws SQLException {
    Map<String, Long> rows = new TreeMap<>();
    try (Statement statement = connection.createStatement()) {
      List<String> names = new ArrayList<>();
      try (ResultSet all = statement.executeQuery(TABLES)) {
        while (all.next()) {
          names.add(all.getString(1));
        }
      }
      for (String name : names) {
        try (ResultSet count =
            statement.executeQuery("select count(*) from \"" + name.replace("\"", "\"\"") + "\"")) {
          count.next();
          rows.put(name, count.getLong(1));
        }
      }
    }
    return rows;
  }

  /** Version of its tables; 0 where there are none. */
  static int schema(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet there =
            statement.executeQuery("select to_regclass('flyway_schema_history') is not null")) {
      there.next();
      if (!there.getBoolean(1)) {
        return 0;
      }
    }
    try (Statement statement = connection.createStatement();
        ResultSet newest =
            statement.executeQuery(
                "select coalesce(max(version::int), 0) from flyway_schema_history where success")) {
      newest.next();
      return newest.getInt(1);
    }
  }
}
