package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Islet;
import app.islet.web.base.support.Proxy;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.WebSocket;
import com.microsoft.playwright.WebSocketFrame;
import com.microsoft.playwright.options.SameSiteAttribute;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Behind a proxy that ends TLS, and told so: as if it were reached by TLS itself. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BehindProxyTest {
  private static final Islet ISLET = Islet.running();
  private static Proxy proxy;

  @BeforeAll
  static void a_proxy_with_tls() {
    proxy = Proxy.tls(ISLET.base());
  }

  @AfterAll
  static void gone() {
    proxy.close();
  }

  @Test
  void cookies_are_secure_redirects_stay_and_the_drawing_has_its_line() {
    Page page = ISLET.through(proxy.address());
    assertThat(page.navigate("/").headers().get("strict-transport-security")).contains("max-age");
    assertThat(page.url()).isEqualTo(proxy.address() + "/login");
    page.fill("[name=username]", "mill");
    page.fill("[name=password]", "quiet water");
    page.keyboard().press("Enter");
    assertThat(page.locator("h1")).isVisible();
    page.waitForURL(proxy.address() + "/c/weir-mill**");
    assertThat(page.context().cookies())
        .isNotEmpty()
        .allSatisfy(
            cookie -> {
              assertThat(cookie.secure).as(cookie.name).isTrue();
              assertThat(cookie.name).startsWith("__Host-");
              assertThat(cookie.sameSite).as(cookie.name).isEqualTo(SameSiteAttribute.LAX);
              assertThat(cookie.httpOnly).as(cookie.name).isTrue();
            });
    page.navigate("/c/weir-mill/enclosures/5/build");
    WebSocket line = page.waitForWebSocket(() -> page.fill("#depth", "21"));
    assertThat(line.url()).startsWith("wss://");
    List<WebSocketFrame> heard = new ArrayList<>();
    line.onFrameReceived(heard::add);
    // What is typed before the line is open is asked by a request.
    for (int typed = 0; typed < 60 && heard.isEmpty(); typed++) {
      page.fill("#depth", String.valueOf(12 + typed % 10));
      page.waitForTimeout(500);
    }
    assertThat(heard).isNotEmpty();
    assertThat(line.isClosed()).isFalse();
  }

  @Test
  void whoever_signs_out_leaves_no_photos_in_the_browser() {
    Page page = ISLET.through(proxy.address());
    page.navigate("/");
    ISLET.signIn(page, "mill", "quiet water");
    page.navigate("/account");
    Response out =
        page.waitForResponse(
            answer -> answer.url().endsWith("/logout"),
            () -> page.locator("form[action$='/logout'] button").click());
    assertThat(out.headerValue("clear-site-data")).isEqualTo("\"cache\"");
    page.navigate("/c/weir-mill/rounds");
    assertThat(page.locator("h1")).hasText("Sign in");
  }
}
