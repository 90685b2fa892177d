package app.islet.web.reading.archive;

import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads a table of an archive line by line. */
final class TableFile {
  private TableFile() {}

  /**
   * @param known the columns it may have
   * @throws UnreadableException with the line if it is no such table
   */
  static void read(ArchiveFile archive, String path, List<String> known, Consumer<CSVRecord> each) {
    try (Reader text =
            new InputStreamReader(archive.table(path), StandardCharsets.UTF_8.newDecoder());
        CSVParser lines =
            Cells.FORMAT.builder().setHeader().setSkipHeaderRecord(true).get().parse(text)) {
      for (String name : lines.getHeaderNames()) {
        if (!known.contains(name)) {
          throw ArchiveFile.refused(
              path,
              1,
              "there is no column \"%s\" here; there are %s"
                  .formatted(name, String.join(", ", known)));
        }
      }
      for (CSVRecord line : lines) {
        if (!line.isConsistent()) {
          throw ArchiveFile.refused(
              path,
              lines.getCurrentLineNumber(),
              "this line has %d cells, the first line has %d"
                  .formatted(line.size(), lines.getHeaderNames().size()));
        }
        each.accept(line);
      }
    } catch (CharacterCodingException e) {
      throw ArchiveFile.refused(path, 1, "it is not UTF-8 text");
    } catch (CSVException | IllegalArgumentException e) {
      throw ArchiveFile.refused(path, 1, "it is no CSV table: " + e.getMessage());
    } catch (UncheckedIOException | IOException e) {
      throw ArchiveFile.refused(path, 1, "it cannot be read: " + e.getMessage());
    }
  }
}
