package app.islet.web.base.support;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.springframework.web.multipart.MultipartFile;

/** Text files that are sent. */
public final class TextFiles {
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private TextFiles() {}

  /**
   * The text of a file, without a byte order mark.
   *
   * @throws NotTextException if it is anything but UTF-8: read as if it were, its letters would be
   *     others
   */
  public static String utf8(MultipartFile file) throws IOException {
    try {
      String text =
          StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file.getBytes())).toString();
      return text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      throw new NotTextException(e);
    }
  }
}
