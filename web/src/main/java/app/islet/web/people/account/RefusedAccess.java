package app.islet.web.people.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import org.springframework.security.web.csrf.CsrfException;

/** Answers 403, and notes to whom what was refused: for whoever looks into it later. */
final class RefusedAccess implements AccessDeniedHandler {
  private static final Logger LOG = LoggerFactory.getLogger(RefusedAccess.class);

  private final AccessDeniedHandler answer = new AccessDeniedHandlerImpl();

  @Override
  public void handle(
      HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
      throws IOException, ServletException {
    LOG.warn(
        "{} {} refused to {}, from {}: {}",
        request.getMethod(),
        page(request.getRequestURI()),
        request.getRemoteUser(),
        request.getRemoteAddr(),
        why instanceof CsrfException ? "it carries no token of its form" : why.getMessage());
    answer.handle(request, response, why);
  }

  /** The address of any other page may be a secret, as that of an invitation. */
  private static String page(String address) {
    return address.startsWith("/c/") ? address : "of a page outside any collection";
  }
}
