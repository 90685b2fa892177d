package app.islet.cli;

import app.islet.core.Assessment;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.document.PlanLines;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;

/** Reads an enclosure document and prints what is to be done in the coming days: 0 read, 2 not. */
final class PlanCommand {
  private static final String USAGE =
      "plan takes one file and maybe a day and a number of days, as in: ./islet plan samples/axolotl-pair.json --from 2027-03-01 --days 14";
  private static final int USUAL_DAYS = 14;
  private static final int MAX_DAYS = 366;

  private PlanCommand() {}

  static int run(List<String> args, LocalDate today, PrintStream out, PrintStream err) {
    LocalDate from = today;
    int days = USUAL_DAYS;
    String file = args.isEmpty() ? "" : args.get(0);
    if (file.isEmpty() || file.startsWith("--") || args.size() % 2 == 0) {
      err.println(USAGE);
      return Main.UNREADABLE;
    }
    for (int at = 1; at < args.size(); at += 2) {
      String value = args.get(at + 1);
      if (args.get(at).equals("--from")) {
        try {
          from = LocalDate.parse(value);
        } catch (DateTimeParseException e) {
          err.println("--from takes a day as 2027-03-21, not \"%s\"".formatted(value));
          return Main.UNREADABLE;
        }
      } else if (args.get(at).equals("--days")
          && value.matches("\\d{1,3}")
          && Integer.parseInt(value) >= 1
          && Integer.parseInt(value) <= MAX_DAYS) {
        days = Integer.parseInt(value);
      } else {
        err.println(
            args.get(at).equals("--days")
                ? "--days takes a whole number from 1 to %d, not \"%s\"".formatted(MAX_DAYS, value)
                : USAGE);
        return Main.UNREADABLE;
      }
    }
    return print(file, from, days, out, err);
  }

  private static int print(
      String file, LocalDate from, int days, PrintStream out, PrintStream err) {
    try {
      EnclosureDocument document =
          new DocumentReader(CareLibrary.bundled()).read(file, Files.readString(Path.of(file)));
      Assessment assessment = Assessment.of(document.enclosure(), document.residents(), from);
      PlanLines.write(assessment, from, days).forEach(line -> out.print(line + "\n"));
      return Main.OK;
    } catch (UnreadableException e) {
      err.println(e.getMessage());
    } catch (IOException e) {
      err.println(FileProblem.sentence(file, e));
    }
    return Main.UNREADABLE;
  }
}
