package app.islet.web.base.delivery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HexFormat;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * The addresses of shipped files. They carry a hash of all that is shipped, as scripts name each
 * other by their places: a browser may keep them for ever, and asks for all anew once one changed.
 */
@Component("files")
public class StaticFiles {
  /** What addresses with a hash begin with. */
  public static final String PREFIX = "/files-";

  private static final int HASH_BYTES = 6;

  private final String base;

  StaticFiles() {
    base = PREFIX + hash();
  }

  /**
   * @param path of a shipped file, as {@code /js/page.js}
   */
  public String path(String path) {
    return base + path;
  }

  /** The part of an address that carries the hash. */
  String base() {
    return base;
  }

  private static String hash() {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      Resource[] files =
          new PathMatchingResourcePatternResolver().getResources("classpath:/static/**/*.*");
      Arrays.sort(files, Comparator.comparing(Resource::getDescription));
      for (Resource file : files) {
        digest.update(file.getContentAsByteArray());
      }
      digest.update(InlinedStyles.bootstrap().getContentAsByteArray());
      return HexFormat.of().formatHex(digest.digest(), 0, HASH_BYTES);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
