package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every page loads every file of styles: what one calls a class no other may call otherwise. */
class CssTest {
  private static final Path FILES = Path.of("src/main/resources/static/css");
  private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
  private static final Pattern SELECTORS = Pattern.compile("([^{}]+)\\{");
  private static final Pattern CLASS = Pattern.compile("\\.[a-z][\\w-]*");

  @Test
  void a_class_by_itself_gets_its_look_in_one_file() throws IOException {
    Map<String, Set<String>> places = new TreeMap<>();
    try (Stream<Path> files = Files.list(FILES)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".css")).toList()) {
        String text = COMMENT.matcher(Files.readString(file)).replaceAll("");
        Matcher selectors = SELECTORS.matcher(text);
        while (selectors.find()) {
          for (String one : selectors.group(1).split(",")) {
            if (CLASS.matcher(one.strip()).matches()) {
              places
                  .computeIfAbsent(one.strip(), c -> new TreeSet<>())
                  .add(file.getFileName().toString());
            }
          }
        }
      }
    }
    assertThat(places).isNotEmpty();
    places.values().removeIf(files -> files.size() == 1);
    assertThat(places).isEmpty();
  }
}
