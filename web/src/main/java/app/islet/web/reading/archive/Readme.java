package app.islet.web.reading.archive;

import app.islet.web.people.collection.CollectionContext;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import java.util.stream.Collectors;

/** What the archive says of itself to whoever opens it, in years, without Islet. */
final class Readme {
  static final String PATH = "README.md";

  private Readme() {}

  static String of(Layout layout, CollectionContext context, Instant now) {
    try (InputStream in =
        Objects.requireNonNull(Readme.class.getResourceAsStream("/archive/readme.md"))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .replace("{tables}", tables(layout))
          .replace("{moment}", now.truncatedTo(ChronoUnit.SECONDS).toString())
          .replace("{name}", context.collection().name());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String tables(Layout layout) {
    return layout.tables().stream().map(Readme::table).collect(Collectors.joining("\n"));
  }

  private static String table(Table table) {
    return "## %s\n\n%s\n"
        .formatted(
            table.path(),
            table.columns().stream().map(Readme::column).collect(Collectors.joining("\n")));
  }

  private static String column(Column column) {
    String names =
        column.parent().map(p -> " (a row of %s)".formatted(p.replace('_', '-'))).orElse("");
    String words =
        column.words().isEmpty() ? "" : " One of: " + String.join(", ", column.words()) + ".";
    return "- `%s`: %s%s.%s".formatted(column.name(), column.meaning(), names, words);
  }
}
