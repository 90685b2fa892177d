package app.islet.web.base.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** PostgreSQL's own programs, as Debian's packages install them. */
final class PostgresTools {
  private static final Path DEBIAN = Path.of("/usr/lib/postgresql");

  private PostgresTools() {}

  /** The newest there is of a program. */
  private static String program(String name) {
    if (Files.isDirectory(DEBIAN)) {
      try (Stream<Path> versions = Files.list(DEBIAN)) {
        return versions
            .map(version -> version.resolve("bin").resolve(name))
            .filter(Files::isExecutable)
            .max(Comparator.comparingDouble(PostgresTools::version))
            .map(Path::toString)
            .orElse(name);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return name;
  }

  private static double version(Path program) {
    String version = program.getParent().getParent().getFileName().toString();
    return version.matches("\\d+(\\.\\d+)?") ? Double.parseDouble(version) : 0;
  }

  /**
   * Runs one until it ends.
   *
   * @param out takes what it writes
   * @throws BackupException with its first words of complaint
   */
  static void run(String name, String password, List<String> arguments, Consumer<InputStream> out) {
    List<String> command = new ArrayList<>(List.of(program(name)));
    command.addAll(arguments);
    try {
      Path complaints = Files.createTempFile("islet", ".log");
      try {
        ProcessBuilder builder = new ProcessBuilder(command).redirectError(complaints.toFile());
        builder.environment().put("PGPASSWORD", password);
        Process process = builder.start();
        process.getOutputStream().close();
        try (InputStream written = process.getInputStream()) {
          out.accept(written);
        }
        if (process.waitFor() != 0) {
          throw new BackupException(name + " failed: " + firstLine(complaints));
        }
      } finally {
        Files.deleteIfExists(complaints);
      }
    } catch (IOException e) {
      throw new BackupException(
          name + " could not be run. It is in Debian's package postgresql-client.", e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new BackupException(name + " was interrupted", e);
    }
  }

  private static String firstLine(Path file) throws IOException {
    return Files.readString(file, StandardCharsets.UTF_8)
        .lines()
        .findFirst()
        .orElse("no reason given");
  }
}
