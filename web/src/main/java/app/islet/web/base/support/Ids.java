package app.islet.web.base.support;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Ids made with a page, so that sending a form of it twice is harmless; and ids made of contents.
 */
@Component("ids")
public class Ids {
  public String fresh() {
    return UUID.randomUUID().toString();
  }

  /** Of a part of what was sent under an id: sent again, it is the same. */
  public static UUID derived(UUID from, Object part) {
    return of(from + "-" + part);
  }

  /**
   * The same for the same words, and for no others: 122 bits of their MD5, as hexadecimal digits.
   */
  public static String ofContent(String words) {
    return of(words).toString().replace("-", "");
  }

  private static UUID of(String words) {
    return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
  }
}
