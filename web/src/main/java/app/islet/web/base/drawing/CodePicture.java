package app.islet.web.base.drawing;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A text as a code that a phone's camera reads, with a quiet zone around it. A quarter of it may be
 * wet or torn.
 *
 * @see "ISO/IEC 18004:2015, QR code"
 */
public final class CodePicture {
  private static final int QUIET_MODULES = 4;

  private CodePicture() {}

  /**
   * @throws IllegalArgumentException if the text is too long for a code
   */
  public static String svg(String text) {
    BitMatrix modules = modules(text);
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < modules.getHeight(); y++) {
      for (int x = 0; x < modules.getWidth(); x++) {
        if (modules.get(x, y)) {
          path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
        }
      }
    }
    return Svg.drawing(
            modules.getWidth(),
            modules.getHeight(),
            "code",
            "shape-rendering",
            "crispEdges",
            "aria-hidden",
            "true")
        .empty("rect", "class", "code-ground", "width", "100%", "height", "100%")
        .empty("path", "class", "code-ink", "d", path.toString())
        .close("svg")
        .toString();
  }

  private static BitMatrix modules(String text) {
    try {
      return new QRCodeWriter()
          .encode(
              text,
              BarcodeFormat.QR_CODE,
              0,
              0,
              Map.of(
                  EncodeHintType.MARGIN,
                  QUIET_MODULES,
                  EncodeHintType.ERROR_CORRECTION,
                  ErrorCorrectionLevel.Q));
    } catch (WriterException e) {
      throw new IllegalArgumentException("no code can hold " + text, e);
    }
  }
}
