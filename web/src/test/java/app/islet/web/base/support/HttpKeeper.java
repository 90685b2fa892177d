package app.islet.web.base.support;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody, as a rule the owner of the demo, without a browser: to send what no browser would. */
public final class HttpKeeper {
  private static final Pattern CSRF = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

  private static final String PAGE = "text/html, */*";
  private static final String BOUNDARY = "----part-of-a-form";

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
    return send(HttpRequest.newBuilder(URI.create(base + path)), PAGE);
  }

  /** Sends a form as a page of ours would, its token with it. */
  public HttpResponse<String> post(String path, Map<String, String> fields) {
    return post(path, fields, PAGE);
  }

  /** Sends an empty form as another site would: with a token that is not ours. */
  public HttpResponse<String> forged(String path, String token) {
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString("_csrf=" + encoded(token))),
        PAGE);
  }

  /** Sends a form as a script of a page would: what was refused says so by its status. */
  public HttpResponse<String> postAsScript(String path, Map<String, String> fields) {
    return post(path, fields, "application/json");
  }

  private HttpResponse<String> post(String path, Map<String, String> fields, String accepts) {
    Map<String, String> all = new LinkedHashMap<>(fields);
    all.put("_csrf", csrf);
    String form =
        all.entrySet().stream()
            .map(e -> encoded(e.getKey()) + "=" + encoded(e.getValue()))
            .collect(Collectors.joining("&"));
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString(form)),
        accepts);
  }

  /** Sends a form with a file, as a page of ours would. */
  public HttpResponse<String> postFile(
      String path, Map<String, String> fields, String field, String name, byte[] file) {
    Map<String, String> all = new LinkedHashMap<>(fields);
    all.put("_csrf", csrf);
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    all.forEach(
        (key, value) -> body.writeBytes((part(key) + "\r\n\r\n" + value + "\r\n").getBytes(UTF_8)));
    body.writeBytes((part(field) + "; filename=\"" + name + "\"\r\n\r\n").getBytes(UTF_8));
    body.writeBytes(file);
    body.writeBytes(("\r\n--" + BOUNDARY + "--\r\n").getBytes(UTF_8));
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
            .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())),
        PAGE);
  }

  private static String part(String name) {
    return "--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"" + name + "\"";
  }

  public static String encoded(String text) {
    return URLEncoder.encode(text, UTF_8);
  }

  private HttpResponse<String> send(HttpRequest.Builder request, String accepts) {
    try {
      return http.send(
          request.header("Accept", accepts).build(), HttpResponse.BodyHandlers.ofString());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
