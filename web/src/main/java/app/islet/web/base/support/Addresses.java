package app.islet.web.base.support;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * Addresses that are handed out. Where whoever runs the machine says what Islet is called from
 * outside, that is used, not what a request says of itself.
 */
@Component
public class Addresses {
  private final String outside;

  Addresses(@Value("${islet.address:}") String outside) {
    this.outside = outside.replaceAll("/+$", "");
  }

  /** Outside of a request, where nobody said what Islet is called, the path alone. */
  public String of(String path) {
    if (outside.isEmpty() && RequestContextHolder.getRequestAttributes() == null) {
      return path;
    }
    return outside.isEmpty()
        ? ServletUriComponentsBuilder.fromCurrentContextPath().path(path).toUriString()
        : outside + path;
  }
}
