package app.islet.cli;

import app.islet.core.document.LedgerFile;
import app.islet.core.document.LedgerJson;
import app.islet.core.livestock.Ledger;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;

/** Reads movements of animals and prints census and balance: 0 they add up, 2 they do not. */
final class LedgerCommand {
  private static final String USAGE =
      "ledger takes one file and maybe a day, as in: ./islet ledger animals.csv --on 2027-03-21";

  private LedgerCommand() {}

  static int run(List<String> args, PrintStream out, PrintStream err) {
    boolean dated = args.size() == 3 && args.get(1).equals("--on");
    if (!dated && args.size() != 1 || args.get(0).startsWith("--")) {
      err.println(USAGE);
      return Main.UNREADABLE;
    }
    String file = args.get(0);
    try {
      // All days of the books, where none is asked for.
      LocalDate day = dated ? LocalDate.parse(args.get(2)) : LocalDate.MAX;
      Ledger ledger = Ledger.of(LedgerFile.read(file, Files.readString(Path.of(file))));
      out.print(LedgerJson.write(ledger, day));
      return Main.OK;
    } catch (DateTimeParseException e) {
      err.println("--on takes a day as 2027-03-21, not \"%s\"".formatted(args.get(2)));
    } catch (UnreadableException e) {
      err.println(e.getMessage());
    } catch (IOException e) {
      err.println(FileProblem.sentence(file, e));
    }
    return Main.UNREADABLE;
  }
}
