package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The page on security says of each item which test holds it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SecurityTableTest {
  private static final Path PAGE = Path.of("..", "docs", "security.md");
  private static final Pattern TEST = Pattern.compile("`(\\w+Test)`");

  /** Chapter, section and item of the standard. */
  private static final Pattern ROW = Pattern.compile("\\| \\d+\\.\\d+\\.\\d+.*");

  @Test
  void every_test_it_names_is_there() throws IOException {
    Set<String> named = new TreeSet<>();
    Matcher tests = TEST.matcher(Files.readString(PAGE));
    while (tests.find()) {
      named.add(tests.group(1));
    }
    assertThat(named).hasSizeGreaterThan(20).isSubsetOf(there());
  }

  @Test
  void every_row_says_what_holds_it() throws IOException {
    assertThat(Files.readAllLines(PAGE))
        .filteredOn(line -> ROW.matcher(line).matches())
        .hasSizeGreaterThan(120)
        .allMatch(line -> line.matches(".*\\| (`\\w+Test`(, )?|by hand|by reading)+ \\|"));
  }

  private static Set<String> there() throws IOException {
    Set<String> names = new TreeSet<>();
    for (String module : List.of("core", "web")) {
      try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "test", "java"))) {
        files.map(file -> file.getFileName().toString().replace(".java", "")).forEach(names::add);
      }
    }
    return names;
  }
}
