package app.islet.web.store.animal;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.TimeZone;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A photo as it is kept: upright, scaled, and only the picture: nothing of place, camera or owner.
 *
 * @param large JPEG of at most {@link #LARGE} pixels a side
 * @param small JPEG of at most {@link #SMALL} pixels a side
 * @param width of the large one
 * @param takenOn the day the camera wrote into it
 */
public record UprightPhoto(
    byte[] large, byte[] small, int width, int height, Optional<LocalDate> takenOn) {
  static final int LARGE = 1600;
  static final int SMALL = 360;

  /** Longer sides are no photo, and a row of them is a load of its own. */
  private static final int MAX_SIDE = 32_000;

  private static final double QUALITY = 0.85;

  /** So many are decoded at once; who waits longer is asked to send it again. */
  private static final Semaphore AT_ONCE = new Semaphore(2, true);

  private static final int MAX_WAIT_SECONDS = 20;

  /** Whether a picture is as it is kept here: JPEG, and not too large. */
  public static boolean isKept(byte[] picture) {
    try {
      BarePicture bare = BarePicture.of(picture);
      return bare.kind() == BarePicture.Kind.JPEG
          && reading(
              bare,
              reader ->
                  Math.max(reader.getWidth(0), reader.getHeight(0)) <= LARGE
                      && reader.read(0) != null);
    } catch (IOException | RuntimeException e) {
      return false;
    }
  }

  /**
   * Reads what was uploaded, off any transaction: it takes a moment.
   *
   * @throws UnusablePhotoException if it is none, is too large, or too many are read already
   */
  public static UprightPhoto of(byte[] file) {
    BarePicture bare = BarePicture.of(file);
    boolean mine = false;
    try {
      mine = AT_ONCE.tryAcquire(MAX_WAIT_SECONDS, TimeUnit.SECONDS);
      if (!mine) {
        throw new UnusablePhotoException(
            "Others are sending photos just now: send it again in a minute.");
      }
      Metadata written = metadata(bare.bytes());
      return of(upright(reading(bare, reader -> decoded(bare, reader)), written), takenOn(written));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new UnusablePhotoException("The server is going down: send it again in a minute.", e);
    } catch (IOException | RuntimeException e) {
      if (e instanceof UnusablePhotoException unusable) {
        throw unusable;
      }
      throw new UnusablePhotoException("This photo is damaged, or not whole: take it anew.", e);
    } finally {
      if (mine) {
        AT_ONCE.release();
      }
    }
  }

  /** What is asked of a decoder. */
  private interface Asked<T> {
    T of(ImageReader reader) throws IOException;
  }

  /** By the decoder of its kind alone, which reads no metadata. */
  private static <T> T reading(BarePicture bare, Asked<T> asked) throws IOException {
    ImageReader reader = ImageIO.getImageReadersByFormatName(bare.kind().name()).next();
    try (ImageInputStream in =
        new MemoryCacheImageInputStream(new ByteArrayInputStream(bare.bytes()))) {
      reader.setInput(in, true, true);
      return asked.of(reader);
    } finally {
      reader.dispose();
    }
  }

  private static UprightPhoto of(BufferedImage upright, Optional<LocalDate> takenOn)
      throws IOException {
    BufferedImage large = scaled(upright, LARGE);
    return new UprightPhoto(
        jpeg(large), jpeg(scaled(large, SMALL)), large.getWidth(), large.getHeight(), takenOn);
  }

  /** No finer than it is needed: a photo of a hundred million pixels would take half the memory. */
  private static BufferedImage decoded(BarePicture bare, ImageReader reader) throws IOException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    boolean tooLong = Math.max(width, height) > MAX_SIDE;
    if (tooLong || (long) width * height > bare.mostPixels()) {
      throw new UnusablePhotoException(
          "This has %d by %d pixels; of a %s up to %d million can be read."
              .formatted(width, height, bare.kind(), bare.mostPixels() / 1_000_000));
    }
    int step = Math.max(1, (Math.max(width, height) + 2 * LARGE - 1) / (2 * LARGE));
    ImageReadParam param = reader.getDefaultReadParam();
    param.setSourceSubsampling(step, step, 0, 0);
    return onWhite(reader.read(0, param));
  }

  /** What is see-through in a drawing is white on a page. */
  private static BufferedImage onWhite(BufferedImage image) {
    BufferedImage plain =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = plain.createGraphics();
    g.drawImage(image, 0, 0, Color.WHITE, null);
    g.dispose();
    return plain;
  }

  private static BufferedImage scaled(BufferedImage image, int most) throws IOException {
    double scale = Math.min(1, (double) most / Math.max(image.getWidth(), image.getHeight()));
    return scale == 1 ? image : Thumbnails.of(image).scale(scale).asBufferedImage();
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
    return out.toByteArray();
  }

  private static Metadata metadata(byte[] file) throws IOException {
    try {
      return ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
    } catch (ImageProcessingException e) {
      // A picture without anything written into it, or with something that cannot be read.
      return new Metadata();
    }
  }

  private static BufferedImage upright(BufferedImage image, Metadata written) {
    ExifIFD0Directory exif = written.getFirstDirectoryOfType(ExifIFD0Directory.class);
    if (exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
      return image;
    }
    try {
      Orientation how = Orientation.typeOf(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION));
      return how == null ? image : ExifFilterUtils.getFilterForOrientation(how).apply(image);
    } catch (MetadataException e) {
      return image;
    }
  }

  private static Optional<LocalDate> takenOn(Metadata written) {
    return Optional.ofNullable(written.getFirstDirectoryOfType(ExifSubIFDDirectory.class))
        .map(exif -> exif.getDateOriginal(TimeZone.getTimeZone(ZoneOffset.UTC)))
        .map(moment -> moment.toInstant().atOffset(ZoneOffset.UTC).toLocalDate());
  }
}
