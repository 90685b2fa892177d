package app.islet.web.reading.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchiveFileTest {
  private static final int LARGEST = 12 << 20;

  @TempDir private Path folder;

  private ArchiveFile with(String name, int bytes) throws IOException {
    Path file = folder.resolve("a.zip");
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
      out.putNextEntry(new ZipEntry(name));
      out.write(new byte[bytes]);
    }
    assertThat(Files.size(file)).as("zeros take no room").isLessThan(LARGEST / 100);
    return ArchiveFile.open(file);
  }

  @Test
  void a_small_file_that_unpacks_to_a_large_one_is_refused() throws IOException {
    try (ArchiveFile largest = with("photos/1.jpg", LARGEST)) {
      assertThat(largest.bytes("photos/1.jpg")).hasSize(LARGEST);
    }
    try (ArchiveFile larger = with("photos/1.jpg", LARGEST + 1)) {
      assertThatThrownBy(() -> larger.bytes("photos/1.jpg"))
          .isInstanceOf(UnreadableException.class)
          .hasMessageContaining("unpacks to more than 12 MB");
    }
  }

  @Test
  void a_name_leads_to_no_file_but_those_inside() throws IOException {
    Files.writeString(folder.resolve("outside.txt"), "outside");
    try (ArchiveFile archive = with("inside/a.txt", 1)) {
      assertThatThrownBy(() -> archive.bytes("../outside.txt"))
          .hasMessageContaining("this file is missing");
    }
  }
}
