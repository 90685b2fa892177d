package app.islet.web.base.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Backup, restore and verify for the shell; the database is named by the environment. */
public final class BackupTool {
  private BackupTool() {}

  public static void main(String[] args) {
    System.exit(run(List.of(args), System.getenv(), System.out, System.err));
  }

  /** 0 where it was done; 1 with a sentence where it was not. */
  static int run(
      List<String> args, Map<String, String> environment, PrintStream out, PrintStream err) {
    try {
      Path file = Path.of(args.get(1));
      Manifest manifest =
          switch (args.get(0)) {
            case "backup" -> Backups.write(database(environment), file);
            case "verify" -> Backups.verify(file);
            case "restore" -> Backups.restore(file, database(environment), KnownSchema.newest());
            default -> throw new BackupException("There is no command " + args.get(0) + ".");
          };
      out.printf(
          "%s: %s, %d rows in %d tables, of %s (tables of version %d)%n",
          file,
          args.get(0).equals("verify") ? "read whole and as its manifest says" : "done",
          manifest.all(),
          manifest.rows().size(),
          manifest.made(),
          manifest.schema());
      return 0;
    } catch (BackupException e) {
      err.println("islet: " + e.getMessage());
      return 1;
    } catch (IOException e) {
      err.println("islet: the program is not whole: " + e.getMessage());
      return 1;
    }
  }

  private static Database database(Map<String, String> environment) {
    return new Database(
        environment.getOrDefault("ISLET_DB_URL", "jdbc:postgresql://127.0.0.1:5432/islet"),
        environment.getOrDefault("ISLET_DB_USER", "islet"),
        environment.getOrDefault("ISLET_DB_PASSWORD", ""));
  }
}
