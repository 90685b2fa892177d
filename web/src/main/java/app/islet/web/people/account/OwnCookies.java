package app.islet.web.people.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * Cookies that only Islet itself can set: over TLS their names begin with {@code __Host-}, which a
 * browser takes from the very host alone, never from a neighbour under the same domain (RFC
 * 6265bis, 4.1.3.2, from memory). Without TLS, on one's own machine, it would not take such a name
 * at all.
 */
final class OwnCookies {
  private static final String OWN = "__Host-";

  private OwnCookies() {}

  /**
   * The visit's.
   *
   * @param keptS how long the browser keeps it, s
   */
  static CookieSerializer visit(int keptS) {
    return new Visit(new Both<>(visit("", keptS), visit(OWN, keptS)));
  }

  private static CookieSerializer visit(String prefix, int keptS) {
    DefaultCookieSerializer cookies = new DefaultCookieSerializer();
    cookies.setCookieName(prefix + "SESSION");
    cookies.setCookieMaxAge(keptS);
    cookies.setSameSite("Lax");
    cookies.setUseHttpOnlyCookie(true);
    return cookies;
  }

  /** That of the token in every form. */
  static CsrfTokenRepository token() {
    return new Token(new Both<>(token(""), token(OWN)));
  }

  private static CsrfTokenRepository token(String prefix) {
    CookieCsrfTokenRepository cookies = new CookieCsrfTokenRepository();
    cookies.setCookieName(prefix + "XSRF-TOKEN");
    cookies.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
    return cookies;
  }

  private record Both<T>(T plain, T secure) {
    T of(HttpServletRequest request) {
      return request.isSecure() ? secure : plain;
    }
  }

  private record Visit(Both<CookieSerializer> cookies) implements CookieSerializer {
    @Override
    public void writeCookieValue(CookieValue value) {
      cookies.of(value.getRequest()).writeCookieValue(value);
    }

    @Override
    public List<String> readCookieValues(HttpServletRequest request) {
      return cookies.of(request).readCookieValues(request);
    }
  }

  private record Token(Both<CsrfTokenRepository> cookies) implements CsrfTokenRepository {
    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
      return cookies.of(request).generateToken(request);
    }

    @Override
    public void saveToken(
        @Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
      cookies.of(request).saveToken(token, request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
      return cookies.of(request).loadToken(request);
    }
  }
}
