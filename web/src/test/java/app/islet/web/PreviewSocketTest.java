package app.islet.web;

import static app.islet.web.base.support.Hands.press;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.WebSocketFrame;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.net.http.WebSocketHandshakeException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.ObjectMapper;

/** The open line over which a drag asks: what it answers, to whom, and what happens without it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PreviewSocketTest {
  private static final Islet ISLET = Islet.running();
  private static final String BUILD = "/c/weir-mill/enclosures/1/build";
  private static final ObjectMapper JSON = new ObjectMapper();

  /** What came over a line: pieces of page, and at the end the number it was closed with. */
  private static final class Heard implements WebSocket.Listener {
    private final BlockingQueue<String> pieces = new LinkedBlockingQueue<>();
    private final StringBuilder piece = new StringBuilder();

    @Override
    public CompletionStage<?> onText(WebSocket line, CharSequence part, boolean last) {
      piece.append(part);
      if (last) {
        pieces.add(piece.toString());
        piece.setLength(0);
      }
      line.request(1);
      return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket line, int status, String reason) {
      pieces.add("closed " + status);
      return null;
    }

    String next() throws InterruptedException {
      return pieces.poll(20, TimeUnit.SECONDS);
    }
  }

  private static WebSocket line(Page page, String origin, Heard heard) {
    String cookies =
        page.context().cookies().stream()
            .map(cookie -> cookie.name + "=" + cookie.value)
            .collect(Collectors.joining("; "));
    return HttpClient.newHttpClient()
        .newWebSocketBuilder()
        .header("Cookie", cookies)
        .header("Origin", origin)
        .buildAsync(URI.create(ISLET.base().replace("http", "ws") + BUILD + "/line"), heard)
        .join();
  }

  private static String form(Page page) {
    return JSON.writeValueAsString(
        page.evaluate("() => Object.fromEntries(new FormData(document.querySelector('#design')))"));
  }

  @Test
  void it_answers_as_a_request_does() throws InterruptedException {
    Page page = ISLET.owner();
    page.navigate(BUILD);
    page.fill("#depth", "6");
    String requested =
        (String)
            page.evaluate(
                """
                                async () => {
                                  const form = document.querySelector("#design");
                                  const body = new URLSearchParams(new FormData(form));
                                  return (await fetch(form.dataset.preview + "/preview", { method: "POST", body })).text();
                                }""");
    Heard heard = new Heard();
    WebSocket line = line(page, ISLET.base(), heard);
    line.sendText(form(page), true).join();
    assertThat(withoutToken(heard.next()))
        .contains("id=\"answer\"", "class=\"finding", "/enclosures/1/remedy")
        .isEqualTo(withoutToken(requested));
    line.sendText(form(page).replace("\"depth\":\"6", "\"depth\":\"x"), true).join();
    assertThat(heard.next()).contains("data-field=\"depth\"").doesNotContain("id=\"answer\"");
    line.abort();
  }

  /** A token reads differently each time, and a request writes its own as the last of a form. */
  private static String withoutToken(String piece) {
    return piece.replaceAll("<input type=\"hidden\" name=\"_csrf\"[^>]*>", "");
  }

  @Test
  void strangers_and_other_sites_get_none() {
    Page owner = ISLET.owner();
    assertThat(refused(ISLET.stranger(), ISLET.base())).isNotEqualTo(101);
    assertThat(refused(owner, "http://elsewhere.example")).isEqualTo(403);
  }

  private static int refused(Page page, String origin) {
    List<Integer> status = new ArrayList<>();
    assertThatThrownBy(() -> line(page, origin, new Heard()))
        .isInstanceOf(CompletionException.class)
        .cause()
        .isInstanceOfSatisfying(
            WebSocketHandshakeException.class, e -> status.add(e.getResponse().statusCode()));
    return status.get(0);
  }

  @Test
  void what_is_no_form_ends_it() throws InterruptedException {
    Page page = ISLET.owner();
    Heard heard = new Heard();
    line(page, ISLET.base(), heard).sendText("[1, 2", true).join();
    assertThat(heard.next()).isEqualTo("closed 1007");
  }

  @Test
  void who_signs_out_loses_it_within_seconds() throws InterruptedException {
    Page page = ISLET.signedIn("mill", "quiet water");
    page.navigate(BUILD);
    String form = form(page);
    Heard heard = new Heard();
    WebSocket line = line(page, ISLET.base(), heard);
    line.sendText(form, true).join();
    assertThat(heard.next()).contains("id=\"answer\"");
    page.navigate("/c/weir-mill/collection");
    press(page, "Sign out");
    page.waitForURL("**/login**");
    String last = "";
    for (int n = 0; n < 20 && !last.startsWith("closed"); n++) {
      Thread.sleep(500);
      line.sendText(form, true).join();
      last = heard.next();
    }
    assertThat(last).isEqualTo("closed 1008");
  }

  @Test
  void a_page_asks_over_it_and_no_longer_by_request() {
    Page page = ISLET.owner();
    List<String> requests = new ArrayList<>();
    List<WebSocketFrame> frames = new ArrayList<>();
    page.onRequest(
        request -> {
          if (request.url().endsWith("/preview")) {
            requests.add(request.url());
          }
        });
    page.onWebSocket(line -> line.onFrameReceived(frames::add));
    page.navigate(BUILD);
    page.fill("#depth", "10");
    assertThat(page.locator(".figures")).containsText("Water share of the floor");
    page.waitForCondition(() -> !requests.isEmpty());
    page.waitForTimeout(1000);
    int before = requests.size();
    for (String depth : List.of("11", "12", "13")) {
      page.fill("#depth", depth);
      page.waitForSelector("form[data-preview]:not([data-asking])");
    }
    assertThat(requests).hasSize(before);
    assertThat(frames).hasSizeGreaterThanOrEqualTo(3);
  }

  @Test
  void where_there_is_none_the_drawing_follows_all_the_same() {
    Page page = ISLET.owner();
    List<String> tried = new ArrayList<>();
    page.routeWebSocket(
        "**/build/line",
        line -> {
          tried.add(line.url());
          line.close();
        });
    page.navigate(BUILD);
    follows(page);
    follows(page);
    assertThat(tried).as("not again for every question").hasSize(1);
  }

  @Test
  void one_that_falls_silent_is_given_up() {
    Page page = ISLET.owner();
    List<String> unanswered = new ArrayList<>();
    page.routeWebSocket(
        "**/build/line", line -> line.onMessage(frame -> unanswered.add(frame.text())));
    page.navigate(BUILD);
    page.fill("#depth", "9");
    page.waitForTimeout(1000);
    follows(page);
    assertThat(unanswered).isNotEmpty();
  }

  private static void follows(Page page) {
    String shallow = litres(page, "8");
    assertThat(Double.parseDouble(litres(page, "14"))).isGreaterThan(Double.parseDouble(shallow));
  }

  private static String litres(Page page, String depth) {
    page.fill("#depth", depth);
    page.waitForSelector("form[data-preview]:not([data-asking])");
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
    return page.locator(".headline .big").innerText();
  }
}
