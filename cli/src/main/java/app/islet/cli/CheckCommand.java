package app.islet.cli;

import app.islet.core.Assessment;
import app.islet.core.AssessmentJson;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.text.UnreadableException;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;

/**
 * Reads an enclosure document and prints its assessment: 0 all well, 1 a Danger or Wrong finding, 2
 * unreadable.
 */
final class CheckCommand {
    private static final int FAILS = 1;

    private CheckCommand() {}

    static int run(List<String> args, LocalDate today, PrintStream out, PrintStream err) {
        if (args.size() != 1) {
            err.println("check takes one file, as in: ./islet check samples/axolotl-pair.json");
            return Main.UNREADABLE;
        }
        String file = args.get(0);
        try {
            EnclosureDocument document =
                    new DocumentReader(CareLibrary.bundled())
                            .read(file, Files.readString(Path.of(file)));
            Assessment assessment =
                    Assessment.of(document.enclosure(), document.residents(), today);
            out.print(AssessmentJson.write(assessment));
            return assessment.review().fails() ? FAILS : Main.OK;
        } catch (UnreadableException e) {
            err.println(e.getMessage());
        } catch (NoSuchFileException e) {
            err.println(file + ": there is no such file");
        } catch (CharacterCodingException e) {
            err.println(file + ": this is not a text file in UTF-8");
        } catch (IOException e) {
            err.println(file + ": this cannot be read: " + e.getMessage());
        }
        return Main.UNREADABLE;
    }
}
