package app.islet.web.reading.archive;

import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * A file that may be an archive: nothing of it is believed, and no part of it is read without end.
 */
final class ArchiveFile implements AutoCloseable {
  private static final int MAX_ENTRIES = 200_000;
  private static final int MEGABYTE = 1 << 20;

  /** A large photo, or a design. */
  private static final int LARGEST_FILE = 12 * MEGABYTE;

  /** The log of a large collection over decades. */
  private static final int LARGEST_TABLE = 512 * MEGABYTE;

  private final ZipFile zip;

  private ArchiveFile(ZipFile zip) {
    this.zip = zip;
  }

  /**
   * @throws UnreadableException if it is no ZIP file, or too full
   */
  static ArchiveFile open(Path file) {
    try {
      ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
      if (zip.size() > MAX_ENTRIES) {
        zip.close();
        throw refused(Descriptor.PATH, 1, "more than %d files are in it".formatted(MAX_ENTRIES));
      }
      return new ArchiveFile(zip);
    } catch (IOException | IllegalArgumentException e) {
      throw refused("This file", 1, "it is no ZIP file, or damaged");
    }
  }

  static UnreadableException refused(String name, long line, String sentence) {
    return new UnreadableException(name, List.of(new Problem("", Math.toIntExact(line), sentence)));
  }

  boolean has(String path) {
    return zip.getEntry(path) != null;
  }

  /** A table, to be read as it comes; what is behind a size no table has is not read. */
  InputStream table(String path) throws IOException {
    return new Limited(zip.getInputStream(entry(path)), path, LARGEST_TABLE);
  }

  byte[] bytes(String path) {
    try (InputStream in = new Limited(zip.getInputStream(entry(path)), path, LARGEST_FILE)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw refused(path, 1, "it is damaged");
    }
  }

  String text(String path) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes(path))).toString();
    } catch (CharacterCodingException e) {
      throw refused(path, 1, "it is not UTF-8 text");
    }
  }

  private ZipEntry entry(String path) {
    ZipEntry entry = zip.getEntry(path);
    if (entry == null) {
      throw refused(path, 1, "this file is missing");
    }
    return entry;
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }

  /** Ends with a sentence where a small file unpacks without end. */
  private static final class Limited extends FilterInputStream {
    private final String path;
    private final long most;
    private long read;

    private Limited(InputStream in, String path, long most) {
      super(in);
      this.path = path;
      this.most = most;
    }

    @Override
    public int read() throws IOException {
      int one = super.read();
      count(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int some = super.read(into, from, length);
      count(Math.max(0, some));
      return some;
    }

    private void count(int more) {
      read += more;
      if (read > most) {
        throw refused(path, 1, "it unpacks to more than %d MB".formatted(most / MEGABYTE));
      }
    }
  }
}
