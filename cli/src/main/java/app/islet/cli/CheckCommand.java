package app.islet.cli;

import app.islet.core.Assessment;
import app.islet.core.AssessmentJson;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.CareSheetReader;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads an enclosure document and prints its assessment, or reads a care sheet and says so: 0 all
 * well, 1 a Danger or Wrong finding, 2 unreadable.
 */
final class CheckCommand {
  private static final int FAILS = 1;

  private CheckCommand() {}

  private static final String SHEET = "--sheet";

  static int run(List<String> args, LocalDate today, PrintStream out, PrintStream err) {
    String file = "";
    try {
      List<CareSheet> own = new ArrayList<>();
      int at = 0;
      while (at + 1 < args.size() && args.get(at).equals(SHEET)) {
        file = args.get(at + 1);
        own.add(CareSheetReader.read(file, Files.readString(Path.of(file))));
        at += 2;
      }
      if (at != args.size() - 1 || args.get(at).startsWith("--")) {
        err.println(
            "check takes one file, as in: ./islet check [--sheet OWN.yaml ...] samples/axolotl-pair.json");
        return Main.UNREADABLE;
      }
      file = args.get(at);
      String text = Files.readString(Path.of(file));
      return file.endsWith(".yaml") || file.endsWith(".yml")
          ? sheet(CareSheetReader.read(file, text), out)
          : enclosure(CareLibrary.bundled().and(own), file, text, today, out);
    } catch (UnreadableException | IllegalArgumentException e) {
      err.println(e.getMessage());
    } catch (IOException e) {
      err.println(FileProblem.sentence(file, e));
    }
    return Main.UNREADABLE;
  }

  private static int enclosure(
      CareLibrary library, String file, String text, LocalDate today, PrintStream out) {
    EnclosureDocument document = new DocumentReader(library).read(file, text);
    Assessment assessment = Assessment.of(document.enclosure(), document.residents(), today);
    out.print(AssessmentJson.write(assessment));
    return assessment.review().fails() ? FAILS : Main.OK;
  }

  /** A care sheet that reads well says what was read. */
  private static int sheet(CareSheet sheet, PrintStream out) {
    out.printf(
        "%s (%s): %d stages, %d schools. It reads well.%n",
        sheet.name(), sheet.id(), sheet.stages().size(), sheet.schoolNames().size());
    return Main.OK;
  }
}
