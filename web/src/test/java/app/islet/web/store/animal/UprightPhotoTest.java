package app.islet.web.store.animal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
        .hasMessage("This is GIF: JPEG, PNG and WebP can be read.");
    byte[] half = picture(400, 400, "png");
    assertThatThrownBy(() -> UprightPhoto.of(Arrays.copyOf(half, half.length / 2)))
        .isInstanceOf(UnusablePhotoException.class)
        .hasMessage("This photo is damaged, or not whole: take it anew.");
  }
}
