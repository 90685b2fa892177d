package app.islet.web.base.drawing;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;

/** Plain drawings of our own, kept as paths by name. */
final class Outlines {
  private final Properties paths = new Properties();

  Outlines(String file) {
    try (InputStreamReader in =
        new InputStreamReader(
            Objects.requireNonNull(Outlines.class.getResourceAsStream("/drawing/" + file)),
            StandardCharsets.UTF_8)) {
      paths.load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * @throws NullPointerException if there is none of that name
   */
  String path(String name) {
    return Objects.requireNonNull(paths.getProperty(name), name);
  }

  Optional<String> find(String name) {
    return Optional.ofNullable(paths.getProperty(name));
  }
}
