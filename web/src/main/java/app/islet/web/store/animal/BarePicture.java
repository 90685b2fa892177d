package app.islet.web.store.animal;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * A picture file without all that is not the picture. Text, colour profiles and previews can unpack
 * to gigabytes, so that they are dropped before any library sees the file; what tells the day and
 * which way is up stays.
 *
 * @param mostPixels that its decoder can read with little memory: one that must hold the whole
 *     picture at once gets a smaller one
 */
record BarePicture(Kind kind, byte[] bytes, long mostPixels) {
  /** What a camera of 100 million pixels makes; read row by row. */
  private static final long BY_ROWS = 110_000_000;

  /** A progressive JPEG holds up to six bytes for each pixel until its end. */
  private static final long PROGRESSIVE = 36_000_000;

  /** A WebP is decoded whole, four bytes for each pixel and its planes. */
  private static final long WHOLE = 25_000_000;

  private static final String DAMAGED = "This photo is damaged, or not whole: take it anew.";

  private static final Set<String> PNG_CHUNKS =
      Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND", "eXIf");
  private static final Set<String> WEBP_CHUNKS = Set.of("VP8 ", "VP8L", "VP8X", "ALPH", "EXIF");
  private static final byte[] PNG_MAGIC = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

  /** Formats that can be read, by the names of their decoders. */
  enum Kind {
    JPEG,
    PNG,
    WEBP
  }

  /**
   * @throws UnusablePhotoException if it is none of them, or not whole
   */
  static BarePicture of(byte[] file) {
    ByteBuffer in = ByteBuffer.wrap(file);
    if (startsWith(file, PNG_MAGIC)) {
      return new BarePicture(Kind.PNG, png(in), BY_ROWS);
    }
    if (file.length > 12 && text(file, 0).equals("RIFF") && text(file, 8).equals("WEBP")) {
      return new BarePicture(Kind.WEBP, webp(in), WHOLE);
    }
    if (file.length > 3 && file[0] == (byte) 0xff && file[1] == (byte) 0xd8) {
      return jpeg(in);
    }
    throw new UnusablePhotoException("This is no photo: JPEG, PNG and WebP can be read.");
  }

  private static boolean startsWith(byte[] file, byte[] magic) {
    return file.length > magic.length
        && ByteBuffer.wrap(file, 0, magic.length).equals(ByteBuffer.wrap(magic));
  }

  private static String text(byte[] file, int at) {
    return new String(file, at, 4, StandardCharsets.ISO_8859_1);
  }

  private static UnusablePhotoException damaged() {
    return new UnusablePhotoException(DAMAGED);
  }

  /** Length, name, content, checksum; until the end. */
  private static byte[] png(ByteBuffer in) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(in.capacity());
    out.write(in.array(), 0, PNG_MAGIC.length);
    int at = PNG_MAGIC.length;
    while (at + 12 <= in.capacity()) {
      long length = Integer.toUnsignedLong(in.getInt(at));
      String name = text(in.array(), at + 4);
      if (length > in.capacity() - at - 12) {
        throw damaged();
      }
      int whole = (int) length + 12;
      if (PNG_CHUNKS.contains(name)) {
        out.write(in.array(), at, whole);
      }
      if (name.equals("IEND")) {
        return out.toByteArray();
      }
      at += whole;
    }
    throw damaged();
  }

  /** Name, length, content, padded to even; the flags of what is dropped are taken back. */
  private static byte[] webp(ByteBuffer in) {
    in.order(ByteOrder.LITTLE_ENDIAN);
    ByteArrayOutputStream out = new ByteArrayOutputStream(in.capacity());
    out.write(in.array(), 0, 12);
    int at = 12;
    while (at + 8 <= in.capacity()) {
      long length = Integer.toUnsignedLong(in.getInt(at + 4));
      if (length > in.capacity() - at - 8) {
        throw damaged();
      }
      int whole = Math.min((int) (length + 8 + length % 2), in.capacity() - at);
      if (WEBP_CHUNKS.contains(text(in.array(), at))) {
        out.write(in.array(), at, whole);
      }
      at += whole;
    }
    byte[] bare = out.toByteArray();
    ByteBuffer.wrap(bare).order(ByteOrder.LITTLE_ENDIAN).putInt(4, bare.length - 8);
    boolean extended = bare.length > 20 && text(bare, 12).equals("VP8X");
    if (extended) {
      // Neither a profile, nor XMP, nor frames follow any more.
      bare[20] &= ~(0x20 | 0x04 | 0x02);
    }
    return bare;
  }

  /** Marker and length, until the picture itself begins. */
  private static BarePicture jpeg(ByteBuffer in) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(in.capacity());
    out.write(in.array(), 0, 2);
    boolean progressive = false;
    int at = 2;
    while (at + 4 <= in.capacity()) {
      if (in.get(at) != (byte) 0xff) {
        throw damaged();
      }
      int marker = in.get(at + 1) & 0xff;
      if (marker == 0xff) {
        at++;
        continue;
      }
      if (marker == 0xda) {
        out.write(in.array(), at, in.capacity() - at);
        return new BarePicture(Kind.JPEG, out.toByteArray(), progressive ? PROGRESSIVE : BY_ROWS);
      }
      int whole = 2 + (in.getShort(at + 2) & 0xffff);
      if (whole < 4 || whole > in.capacity() - at) {
        throw damaged();
      }
      progressive |= isProgressive(marker);
      if (isNeeded(marker)) {
        out.write(in.array(), at, whole);
      }
      at += whole;
    }
    throw damaged();
  }

  private static boolean isProgressive(int marker) {
    return marker == 0xc2 || marker == 0xc6 || marker == 0xca || marker == 0xce;
  }

  /** Tables and frames; of what applications write, JFIF, Exif and Adobe's note on colours. */
  private static boolean isNeeded(int marker) {
    boolean note = marker >= 0xe0 && marker <= 0xef || marker == 0xfe;
    return !note || marker == 0xe0 || marker == 0xe1 || marker == 0xee;
  }
}
