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
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TimeZone;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
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

  /** As much as a camera of 100 million pixels makes. */
  private static final long MAX_PIXELS = 110_000_000;

  private static final double QUALITY = 0.85;
  private static final Set<String> FORMATS = Set.of("jpeg", "png", "webp");

  /** Whether a picture is as it is kept here: JPEG, and not too large. */
  public static boolean isKept(byte[] picture) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return false;
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        return reader.getFormatName().equalsIgnoreCase("jpeg")
            && Math.max(reader.getWidth(0), reader.getHeight(0)) <= LARGE
            && reader.read(0) != null;
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      return false;
    }
  }

  /** Reads what was uploaded, off any transaction: it takes a moment. */
  public static UprightPhoto of(byte[] file) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new UnusablePhotoException("This is no photo: JPEG, PNG and WebP can be read.");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        return of(upright(decoded(reader), metadata(file)), takenOn(metadata(file)));
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      if (e instanceof UnusablePhotoException unusable) {
        throw unusable;
      }
      throw new UnusablePhotoException("This photo is damaged, or not whole: take it anew.", e);
    }
  }

  private static UprightPhoto of(BufferedImage upright, Optional<LocalDate> takenOn)
      throws IOException {
    BufferedImage large = scaled(upright, LARGE);
    return new UprightPhoto(
        jpeg(large), jpeg(scaled(large, SMALL)), large.getWidth(), large.getHeight(), takenOn);
  }

  /** No finer than it is needed: a photo of a hundred million pixels would take half the memory. */
  private static BufferedImage decoded(ImageReader reader) throws IOException {
    String format = reader.getFormatName().toLowerCase(Locale.ROOT);
    if (!FORMATS.contains(format)) {
      throw new UnusablePhotoException(
          "This is %s: JPEG, PNG and WebP can be read.".formatted(format.toUpperCase(Locale.ROOT)));
    }
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    if ((long) width * height > MAX_PIXELS) {
      throw new UnusablePhotoException(
          "This has %d by %d pixels; up to 110 million can be read.".formatted(width, height));
    }
    int step = Math.max(1, Math.max(width, height) / (2 * LARGE));
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
