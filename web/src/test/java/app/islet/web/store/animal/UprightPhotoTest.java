package app.islet.web.store.animal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.management.ThreadMXBean;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class UprightPhotoTest {
  private static final String MAKE = "Millcam";
  private static final String TAKEN = "2026:05:01 12:00:00";

  /** Red on the left, blue on the right. */
  private static byte[] picture(int width, int height, String format) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width / 2, height);
    g.setColor(Color.BLUE);
    g.fillRect(width / 2, 0, width - width / 2, height);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  /**
   * The same with what a camera writes: how it was held, its make, the day, and a place (Exif 2.3,
   * little endian).
   */
  private static byte[] written(byte[] jpeg, int orientation) {
    ByteBuffer tiff = ByteBuffer.allocate(200).order(ByteOrder.LITTLE_ENDIAN);
    tiff.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
    tiff.putShort((short) 4);
    entry(tiff, 0x010F, 2, MAKE.length() + 1, 100);
    entry(tiff, 0x0112, 3, 1, orientation);
    entry(tiff, 0x8769, 4, 1, 62);
    entry(tiff, 0x8825, 4, 1, 80);
    tiff.putInt(0);
    tiff.position(62);
    tiff.putShort((short) 1);
    entry(tiff, 0x9003, 2, TAKEN.length() + 1, 120);
    tiff.putInt(0);
    tiff.position(80);
    tiff.putShort((short) 1);
    entry(tiff, 0x0001, 2, 2, 'N');
    tiff.putInt(0);
    tiff.position(100);
    tiff.put(MAKE.getBytes(StandardCharsets.US_ASCII)).put((byte) 0);
    tiff.position(120);
    tiff.put(TAKEN.getBytes(StandardCharsets.US_ASCII)).put((byte) 0);
    byte[] body = tiff.array();
    ByteBuffer out = ByteBuffer.allocate(jpeg.length + body.length + 10);
    out.put(jpeg, 0, 2).put((byte) 0xFF).put((byte) 0xE1).putShort((short) (body.length + 8));
    out.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII)).put(body);
    return out.put(jpeg, 2, jpeg.length - 2).array();
  }

  private static void entry(ByteBuffer tiff, int tag, int type, int count, int value) {
    tiff.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
  }

  private static BufferedImage read(byte[] jpeg) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(jpeg));
  }

  private static boolean isRed(BufferedImage image, int x, int y) {
    Color c = new Color(image.getRGB(x, y));
    return c.getRed() > 200 && c.getBlue() < 60;
  }

  /** Where the side that was left comes to lie (Exif 2.3, tag Orientation). */
  @ParameterizedTest
  @CsvSource({"1,10,20", "3,390,20", "6,20,10", "8,20,390"})
  void is_turned_upright_as_the_camera_was_held(int orientation, int x, int y) throws IOException {
    UprightPhoto photo = UprightPhoto.of(written(picture(400, 40, "jpg"), orientation));
    boolean turned = orientation >= 5;
    assertThat(photo.width()).isEqualTo(turned ? 40 : 400);
    assertThat(photo.height()).isEqualTo(turned ? 400 : 40);
    assertThat(isRed(read(photo.large()), x, y)).isTrue();
    assertThat(isRed(read(photo.small()), 359 * x / 400, 359 * y / 400))
        .as("the small one too")
        .isTrue();
  }

  @Test
  void nothing_of_place_camera_and_day_is_left_in_it() throws IOException {
    byte[] file = written(picture(400, 40, "jpg"), 6);
    assertThat(new String(file, StandardCharsets.ISO_8859_1)).contains(MAKE, TAKEN, "Exif");
    UprightPhoto photo = UprightPhoto.of(file);
    assertThat(photo.takenOn()).contains(LocalDate.of(2026, 5, 1));
    for (byte[] kept : new byte[][] {photo.large(), photo.small()}) {
      assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain(MAKE, TAKEN, "Exif");
    }
  }

  @Test
  void a_large_one_is_scaled_and_a_small_one_is_not() throws IOException {
    UprightPhoto large = UprightPhoto.of(picture(4000, 3000, "jpg"));
    assertThat(large.width()).isEqualTo(UprightPhoto.LARGE);
    assertThat(large.height()).isEqualTo(1200);
    assertThat(read(large.small()).getWidth()).isEqualTo(UprightPhoto.SMALL);
    UprightPhoto small = UprightPhoto.of(picture(120, 90, "png"));
    assertThat(small.width()).isEqualTo(120);
    assertThat(read(small.small()).getWidth()).isEqualTo(120);
  }

  @Test
  void what_is_see_through_in_a_png_is_white() throws IOException {
    BufferedImage clear = new BufferedImage(50, 50, BufferedImage.TYPE_INT_ARGB);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(clear, "png", out);
    Color middle = new Color(read(UprightPhoto.of(out.toByteArray()).large()).getRGB(25, 25));
    assertThat(middle.getRed()).isGreaterThan(250);
  }

  /** One pixel, lossy. */
  @Test
  void reads_webp() {
    byte[] webp =
        Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
    assertThat(UprightPhoto.of(webp).width()).isEqualTo(1);
  }

  @Test
  void what_is_no_photo_is_refused_with_the_reason() throws IOException {
    assertThatThrownBy(() -> UprightPhoto.of("hello".getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(UnusablePhotoException.class)
        .hasMessage("This is no photo: JPEG, PNG and WebP can be read.");
    byte[] gif = picture(10, 10, "gif");
    assertThatThrownBy(() -> UprightPhoto.of(gif))
        .isInstanceOf(UnusablePhotoException.class)
        .hasMessage("This is no photo: JPEG, PNG and WebP can be read.");
    byte[] half = picture(400, 400, "png");
    assertThatThrownBy(() -> UprightPhoto.of(Arrays.copyOf(half, half.length / 2)))
        .isInstanceOf(UnusablePhotoException.class)
        .hasMessage("This photo is damaged, or not whole: take it anew.");
  }

  private static final Random RANDOM = new Random(37);

  /**
   * So much may be allocated to read a file or to refuse it: a tenth of what would end a server.
   */
  private static final long MAX_BYTES = 200_000_000;

  private static final Duration MAX_TIME = Duration.ofSeconds(8);

  /** A hostile file, and what is done to it. */
  private record Hostile(String name, byte[] file) {
    @Override
    public String toString() {
      return name;
    }
  }

  static Stream<Hostile> hostile() throws IOException {
    List<Hostile> all = new ArrayList<>();
    byte[] png = picture(64, 48, "png");
    byte[] jpeg = picture(64, 48, "jpg");
    for (String text : List.of("zTXt", "iTXt", "iCCP", "tEXt", "sPLT", "xXXx")) {
      all.add(new Hostile("png whose " + text + " unpacks to 160 MB", with(png, text, bomb(text))));
    }
    for (int side : new int[] {0, 1, 40_000, 100_000, 2_000_000_000}) {
      all.add(new Hostile("png said to be %d wide".formatted(side), said(png, side, 1)));
      all.add(new Hostile("png said to be %d high".formatted(side), said(png, 1, side)));
      all.add(new Hostile("png said to be %d square".formatted(side), said(png, side, side)));
    }
    for (int side : new int[] {8_000, 10_480, 16_383}) {
      all.add(new Hostile("webp of 44 bytes said to be " + side, webp(side)));
    }
    for (int marker : new int[] {0xc0, 0xc1, 0xc2, 0xc9, 0xca}) {
      all.add(
          new Hostile(
              "jpeg of frame %x said to be 65500".formatted(marker), frame(jpeg, marker, 65_500)));
      all.add(
          new Hostile(
              "jpeg of frame %x said to be 9000".formatted(marker), frame(jpeg, marker, 9_000)));
    }
    all.add(new Hostile("jpeg with two hundred profiles", profiles(jpeg, 200)));
    for (int n = 0; n < 12; n++) {
      all.add(new Hostile("a spoiled png " + n, spoiled(png)));
      all.add(new Hostile("a spoiled jpeg " + n, spoiled(jpeg)));
      all.add(
          new Hostile("a png cut at " + n, Arrays.copyOf(png, 1 + RANDOM.nextInt(png.length - 1))));
    }
    return all.stream();
  }

  /** Read or refused with a sentence, in little memory and time; never anything else. */
  @ParameterizedTest
  @MethodSource("hostile")
  void no_file_costs_much_memory_or_time(Hostile hostile) {
    ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    long before = threads.getCurrentThreadAllocatedBytes();
    Instant began = Instant.now();
    try {
      assertThat(UprightPhoto.of(hostile.file()).width()).isPositive();
    } catch (UnusablePhotoException refused) {
      assertThat(refused.getMessage()).endsWith(".");
    }
    assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(MAX_BYTES);
    assertThat(Duration.between(began, Instant.now())).isLessThan(MAX_TIME);
  }

  @Test
  void there_are_sixty_hostile_files() throws IOException {
    assertThat(hostile()).hasSizeGreaterThanOrEqualTo(60);
  }

  /** What a chunk of that name holds, with 160 MB of zeros in 160 kB. */
  private static byte[] bomb(String name) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes("Comment".getBytes(StandardCharsets.ISO_8859_1));
    out.writeBytes(name.equals("iTXt") ? new byte[] {0, 1, 0, 0, 0} : new byte[] {0, 0});
    Deflater deflater = new Deflater(9);
    byte[] zeros = new byte[1_000_000];
    byte[] packed = new byte[100_000];
    for (int n = 0; n < 160; n++) {
      deflater.setInput(zeros);
      while (!deflater.needsInput()) {
        out.write(packed, 0, deflater.deflate(packed));
      }
    }
    deflater.finish();
    while (!deflater.finished()) {
      out.write(packed, 0, deflater.deflate(packed));
    }
    return out.toByteArray();
  }

  /** A chunk after the first one of a PNG (length, name, content, checksum). */
  private static byte[] with(byte[] png, String name, byte[] content) {
    CRC32 crc = new CRC32();
    crc.update(name.getBytes(StandardCharsets.ISO_8859_1));
    crc.update(content);
    int at = 33;
    ByteBuffer out = ByteBuffer.allocate(png.length + content.length + 12);
    out.put(png, 0, at).putInt(content.length).put(name.getBytes(StandardCharsets.ISO_8859_1));
    out.put(content).putInt((int) crc.getValue());
    return out.put(png, at, png.length - at).array();
  }

  /** A PNG with other numbers in its first chunk, its checksum right. */
  private static byte[] said(byte[] png, int width, int height) {
    byte[] other = png.clone();
    ByteBuffer.wrap(other).putInt(16, width).putInt(20, height);
    CRC32 crc = new CRC32();
    crc.update(other, 12, 17);
    ByteBuffer.wrap(other).putInt(29, (int) crc.getValue());
    return other;
  }

  /** One lossy pixel whose frame says that it is so large (RFC 6386, 9.1: 14 bits a side). */
  private static byte[] webp(int side) {
    byte[] file =
        Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
    ByteBuffer.wrap(file)
        .order(ByteOrder.LITTLE_ENDIAN)
        .putShort(26, (short) side)
        .putShort(28, (short) side);
    return file;
  }

  /** A JPEG whose frame has another marker and other sides. */
  private static byte[] frame(byte[] jpeg, int marker, int side) {
    byte[] other = jpeg.clone();
    for (int at = 2; at < other.length - 9; at++) {
      if ((other[at] & 0xff) == 0xff && (other[at + 1] & 0xff) == 0xc0) {
        other[at + 1] = (byte) marker;
        ByteBuffer.wrap(other).putShort(at + 5, (short) side).putShort(at + 7, (short) side);
        return other;
      }
    }
    throw new IllegalStateException("no frame");
  }

  private static byte[] profiles(byte[] jpeg, int count) {
    ByteBuffer out = ByteBuffer.allocate(jpeg.length + count * 65_000);
    out.put(jpeg, 0, 2);
    for (int n = 0; n < count; n++) {
      out.put((byte) 0xff).put((byte) 0xe2).putShort((short) 64_998).put(new byte[64_996]);
    }
    return out.put(jpeg, 2, jpeg.length - 2).array();
  }

  private static byte[] spoiled(byte[] file) {
    byte[] other = file.clone();
    for (int n = 0; n < 8; n++) {
      other[RANDOM.nextInt(other.length)] = (byte) RANDOM.nextInt(256);
    }
    return other;
  }
}
