package app.islet.web.base.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * Writes, checks and reads backups: a ZIP file with a manifest and what pg_dump wrote. All of it is
 * of one moment, however much is written meanwhile; a file is whole or not there.
 */
public final class Backups {
  private static final String MANIFEST = "manifest.json";
  private static final String DATA = "data.dump";
  private static final Pattern COPY =
      Pattern.compile("COPY public\\.\"?([^\" (]+)\"? .*FROM stdin;");

  private Backups() {}

  /** Writes a backup, and checks it before it gets its name. */
  public static Manifest write(Database database, Path file) {
    Path folder = file.toAbsolutePath().getParent();
    try {
      Files.createDirectories(folder);
      Path dump = Files.createTempFile(folder, ".islet", ".dump");
      Path part = Files.createTempFile(folder, ".islet", ".part");
      try {
        Manifest manifest = dump(database, dump);
        pack(manifest, dump, part);
        verify(part);
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        return manifest;
      } finally {
        Files.deleteIfExists(dump);
        Files.deleteIfExists(part);
      }
    } catch (IOException e) {
      throw new BackupException(
          "The backup could not be written to " + file + ": " + e.getMessage(), e);
    }
  }

  private static Manifest dump(Database database, Path dump) throws IOException {
    try (Connection connection = database.connect()) {
      connection.setAutoCommit(false);
      connection.setReadOnly(true);
      connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
      Moment moment = moment(connection);
      Map<String, Long> rows = Database.rows(connection);
      int schema = Database.schema(connection);
      PostgresTools.run(
          "pg_dump",
          database.password(),
          List.of(
              "--format=custom",
              "--no-owner",
              "--no-privileges",
              "--snapshot=" + moment.id(),
              "--file=" + dump,
              "--username=" + database.user(),
              "--dbname=" + database.address()),
          Backups::drain);
      connection.rollback();
      try (InputStream in = Files.newInputStream(dump)) {
        return new Manifest(Manifest.FORMAT, schema, moment.at().toString(), rows, sha256(in));
      }
    } catch (SQLException e) {
      throw new BackupException("The database could not be read: " + e.getMessage(), e);
    }
  }

  /** What the database was like, and by its own clock when. */
  private record Moment(String id, Instant at) {}

  private static Moment moment(Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet id = statement.executeQuery("select pg_export_snapshot(), now()")) {
      id.next();
      return new Moment(id.getString(1), id.getTimestamp(2).toInstant());
    }
  }

  private static void pack(Manifest manifest, Path dump, Path part) throws IOException {
    try (OutputStream out = Files.newOutputStream(part);
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
      zip.setLevel(0);
      zip.putNextEntry(new ZipEntry(MANIFEST));
      zip.write(manifest.json().getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry(DATA));
      Files.copy(dump, zip);
    }
    // On the disk, not only on its way there, before anything is said of it.
    try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /**
   * Reads a backup whole, and counts.
   *
   * @throws BackupException if anything in it is not as its manifest says
   */
  public static Manifest verify(Path file) {
    return with(
        file,
        dump -> {
          Manifest manifest = dump.manifest();
          Map<String, Long> counted = new TreeMap<>();
          PostgresTools.run(
              "pg_restore",
              "",
              List.of("--file=-", "--data-only", dump.data().toString()),
              out -> count(out, counted));
          manifest
              .sorted()
              .forEach(
                  (table, rows) -> {
                    long found = counted.getOrDefault(table, 0L);
                    if (found != rows) {
                      throw new BackupException(
                          "This backup is damaged: table %s has %d rows, its manifest says %d."
                              .formatted(table, found, rows));
                    }
                  });
          return manifest;
        });
  }

  /**
   * Reads a backup into an empty database.
   *
   * @param known version of the tables this program knows
   * @throws BackupException if the database is not empty, or the backup is damaged or newer
   */
  public static Manifest restore(Path file, Database database, int known) {
    return with(
        file,
        dump -> {
          Manifest manifest = dump.manifest();
          if (manifest.schema() > known) {
            throw new BackupException(
                "This backup is of a newer Islet (tables %d; this one knows %d). Install that one or a newer one."
                    .formatted(manifest.schema(), known));
          }
          try (Connection connection = database.connect()) {
            if (!Database.rows(connection).isEmpty()) {
              throw new BackupException(
                  "There is data already; a backup is restored into an empty data folder only.");
            }
            PostgresTools.run(
                "pg_restore",
                database.password(),
                List.of(
                    "--no-owner",
                    "--no-privileges",
                    "--exit-on-error",
                    "--single-transaction",
                    "--username=" + database.user(),
                    "--dbname=" + database.address(),
                    dump.data().toString()),
                Backups::drain);
            Map<String, Long> rows = Database.rows(connection);
            if (!rows.equals(manifest.rows())) {
              throw new BackupException("What was restored is not what the manifest says.");
            }
          } catch (SQLException e) {
            throw new BackupException("The database does not answer: " + e.getMessage(), e);
          }
          return manifest;
        });
  }

  /** What is in a file, its data unpacked beside it for a while. */
  private record Opened(Manifest manifest, Path data) {}

  private static Manifest with(Path file, Function<Opened, Manifest> act) {
    try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
      Manifest manifest = Manifest.read(new String(bytes(zip, MANIFEST), StandardCharsets.UTF_8));
      Path data = Files.createTempFile("islet", ".dump");
      try {
        try (InputStream in = zip.getInputStream(entry(zip, DATA))) {
          Files.copy(in, data, StandardCopyOption.REPLACE_EXISTING);
        }
        try (InputStream in = Files.newInputStream(data)) {
          if (!sha256(in).equals(manifest.sha256())) {
            throw new BackupException("This backup is damaged: its data is not what was written.");
          }
        }
        return act.apply(new Opened(manifest, data));
      } finally {
        Files.deleteIfExists(data);
      }
    } catch (IOException e) {
      throw new BackupException(
          "%s is no backup of Islet, or damaged: %s".formatted(file, e.getMessage()), e);
    }
  }

  private static ZipEntry entry(ZipFile zip, String name) {
    return Optional.ofNullable(zip.getEntry(name))
        .orElseThrow(
            () -> new BackupException("This is no backup of Islet: it has no " + name + "."));
  }

  private static byte[] bytes(ZipFile zip, String name) throws IOException {
    try (InputStream in = zip.getInputStream(entry(zip, name))) {
      return in.readAllBytes();
    }
  }

  private static void drain(InputStream in) {
    try {
      in.transferTo(OutputStream.nullOutputStream());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Rows of each table in what pg_restore writes as SQL: the lines from COPY to the full stop. */
  private static void count(InputStream in, Map<String, Long> rows) {
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      String table = "";
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (table.isEmpty()) {
          Matcher copy = COPY.matcher(line);
          table = copy.matches() ? copy.group(1) : "";
        } else if (line.equals("\\.")) {
          table = "";
        } else {
          rows.merge(table, 1L, Long::sum);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String sha256(InputStream in) throws IOException {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      new DigestInputStream(in, digest).transferTo(OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(digest.digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
