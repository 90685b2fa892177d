package app.islet.web.base.support;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files to keep. */
public final class Downloads {
  private Downloads() {}

  /**
   * @param name of the file with its ending, in any letters: what a file system may not like in it
   *     becomes a hyphen
   */
  public static ResponseEntity<String> of(String name, MediaType type, String text) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(HttpHeaders.CONTENT_DISPOSITION, named(name))
        .body(text);
  }

  /** The header that has a browser keep what it gets under such a name. */
  public static String named(String name) {
    int dot = name.lastIndexOf('.');
    String stem =
        name.substring(0, dot)
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^\\p{L}\\p{N}]+", "-")
            .replaceAll("^-|-$", "");
    String file = (stem.isEmpty() ? "islet" : stem) + name.substring(dot);
    return ContentDisposition.attachment()
        .filename(file, StandardCharsets.UTF_8)
        .build()
        .toString();
  }
}
