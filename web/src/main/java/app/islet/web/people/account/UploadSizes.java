package app.islet.web.people.account;

import app.islet.web.base.support.UploadLimits;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Hangs up on what is larger than anything such a page takes, before a byte of it is read: a
 * stranger does not fill the disk with what is refused later.
 */
final class UploadSizes extends OncePerRequestFilter {
  private static final long MEGABYTE = 1024 * 1024;

  /** More than a page takes, so that somewhat too much is refused with a sentence. */
  private static final long MAX_MB = 41;

  private static final long MAX_OF_A_COLLECTION_MB = 501;

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (isMultipart(request)) {
      long length = request.getContentLengthLong();
      if (length < 0) {
        response.sendError(HttpServletResponse.SC_LENGTH_REQUIRED);
        return;
      }
      if (length > most(request) * MEGABYTE) {
        response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        return;
      }
    }
    chain.doFilter(request, response);
  }

  private static boolean isMultipart(HttpServletRequest request) {
    String type = request.getContentType();
    return type != null && type.regionMatches(true, 0, "multipart/", 0, 10);
  }

  private static long most(HttpServletRequest request) {
    return request.getRequestURI().endsWith(UploadLimits.COLLECTION) && isSignedIn()
        ? MAX_OF_A_COLLECTION_MB
        : MAX_MB;
  }

  private static boolean isSignedIn() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return who != null && who.isAuthenticated() && !(who instanceof AnonymousAuthenticationToken);
  }
}
