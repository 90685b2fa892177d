package app.islet.web.people.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.util.regex.Pattern;
import org.springframework.web.filter.OncePerRequestFilter;

/** However often somebody comes by, after a time they sign in anew. */
final class AbsoluteLimit extends OncePerRequestFilter {
  static final Duration LONGEST = Duration.ofDays(180);

  private static final Pattern SHIPPED = Pattern.compile("/files-[^/]*/.*|/icons/.*|/favicon.svg");

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return SHIPPED.matcher(request.getRequestURI()).matches();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    HttpSession visit = request.getSession(false);
    if (visit != null && Visits.lasted(visit).compareTo(LONGEST) > 0) {
      visit.invalidate();
    }
    chain.doFilter(request, response);
  }
}
