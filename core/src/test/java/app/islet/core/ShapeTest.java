package app.islet.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** What no formatter keeps: files and methods that fit into a head. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ShapeTest {
  private static final int MAX_LINES_OF_A_FILE = 400;
  private static final int MAX_LINES_OF_A_METHOD = 60;
  private static final int MAX_COLUMNS = 140;
  private static final List<Path> MODULES =
      List.of(Path.of("../core"), Path.of("../cli"), Path.of("../web"));

  /** Java is laid out by its formatter; the paths of outlines are drawn and not read. */
  @Test
  void a_line_can_be_read_at_a_glance() throws IOException {
    List<String> tooWide = new ArrayList<>();
    for (Path file : sources(".html", ".css", ".properties")) {
      if (file.toString().contains("/resources/drawing/")) {
        continue;
      }
      List<String> lines = Files.readAllLines(file);
      for (int n = 0; n < lines.size(); n++) {
        if (lines.get(n).length() > MAX_COLUMNS) {
          tooWide.add(file + ":" + (n + 1));
        }
      }
    }
    assertThat(tooWide).isEmpty();
  }

  @Test
  void a_file_is_short() throws IOException {
    List<String> tooLong = new ArrayList<>();
    for (Path file : sources(".java", ".html", ".css", ".js")) {
      long lines;
      try (Stream<String> all = Files.lines(file)) {
        lines = all.count();
      }
      if (lines > MAX_LINES_OF_A_FILE) {
        tooLong.add(file + ": " + lines + " lines");
      }
    }
    assertThat(tooLong).isEmpty();
  }

  @Test
  void a_method_is_short() throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
      JavacTask task =
          (JavacTask)
              compiler.getTask(
                  null,
                  files,
                  null,
                  List.of("-proc:none"),
                  null,
                  files.getJavaFileObjectsFromPaths(sources(".java")));
      List<String> tooLong = new ArrayList<>();
      SourcePositions positions = Trees.instance(task).getSourcePositions();
      for (CompilationUnitTree unit : task.parse()) {
        new Methods(unit, positions, tooLong).scan(unit, null);
      }
      assertThat(tooLong).isEmpty();
    }
  }

  /** A package says what it is for, and that nothing in it is null unless marked so. */
  @Test
  void a_package_says_what_it_is_for() throws IOException {
    List<String> silent = new ArrayList<>();
    for (Path folder : sources(".java").stream().map(Path::getParent).distinct().toList()) {
      Path info = folder.resolve("package-info.java");
      String text = Files.exists(info) ? Files.readString(info) : "";
      if (!text.startsWith("/**") || !text.contains("@NullMarked")) {
        silent.add(folder.toString());
      }
    }
    assertThat(silent).isEmpty();
  }

  private static List<Path> sources(String... endings) throws IOException {
    List<Path> all = new ArrayList<>();
    for (Path module : MODULES) {
      try (Stream<Path> walk = Files.walk(module.resolve("src/main"))) {
        walk.filter(f -> Stream.of(endings).anyMatch(f.toString()::endsWith))
            .filter(f -> !f.toString().contains("/vendor/"))
            .forEach(all::add);
      }
    }
    assertThat(all).isNotEmpty();
    return all;
  }

  /** Notes the methods that are too long. */
  private static final class Methods extends TreeScanner<Void, Void> {
    private final CompilationUnitTree unit;
    private final SourcePositions positions;
    private final List<String> found;

    Methods(CompilationUnitTree unit, SourcePositions positions, List<String> found) {
      this.unit = unit;
      this.positions = positions;
      this.found = found;
    }

    @Override
    public Void visitMethod(MethodTree method, Void nothing) {
      LineMap lines = unit.getLineMap();
      long first = lines.getLineNumber(positions.getStartPosition(unit, method));
      long last = lines.getLineNumber(positions.getEndPosition(unit, method));
      if (last - first + 1 > MAX_LINES_OF_A_METHOD) {
        found.add(
            "%s: %s has %d lines"
                .formatted(unit.getSourceFile().getName(), method.getName(), last - first + 1));
      }
      return super.visitMethod(method, nothing);
    }
  }
}
