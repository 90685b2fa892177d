package app.islet.web.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody, as a rule the owner of the demo, without a browser: to send what no browser would. */
public final class HttpKeeper {
  private static final Pattern CSRF = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

  private final String base;
  private final HttpClient http =
      HttpClient.newBuilder()
          .cookieHandler(new CookieManager())
          .followRedirects(HttpClient.Redirect.NEVER)
          .build();
  private String csrf;

  public HttpKeeper(String base) {
    this(base, "mill", "quiet water");
  }

  /** Somebody else. */
  public HttpKeeper(String base, String login, String password) {
    this.base = base;
    csrf = csrf("/login");
    post("/login", Map.of("username", login, "password", password));
    csrf = csrf("/account");
  }

  private HttpKeeper(String base, String csrfOf) {
    this.base = base;
    csrf = csrf(csrfOf);
  }

  /** Nobody who has signed in. */
  public static HttpKeeper stranger(String base) {
    return new HttpKeeper(base, "/login");
  }

  private String csrf(String path) {
    Matcher found = CSRF.matcher(get(path).body());
    if (!found.find()) {
      throw new IllegalStateException("no token on " + path);
    }
    return found.group(1);
  }

  public HttpResponse<String> get(String path) {
    return send(HttpRequest.newBuilder(URI.create(base + path)));
  }

  /** Sends a form as a page of ours would, its token with it. */
  public HttpResponse<String> post(String path, Map<String, String> fields) {
    Map<String, String> all = new LinkedHashMap<>(fields);
    all.put("_csrf", csrf);
    String form =
        all.entrySet().stream()
            .map(e -> encoded(e.getKey()) + "=" + encoded(e.getValue()))
            .collect(Collectors.joining("&"));
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString(form)));
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  private HttpResponse<String> send(HttpRequest.Builder request) {
    try {
      return http.send(
          request.header("Accept", "text/html, */*").build(), HttpResponse.BodyHandlers.ofString());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
