package app.islet.web.base.support;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application on a real PostgreSQL, and a browser to use it with: started once for the
 * whole run, on a database made for the run.
 */
public final class Islet {
  static final List<String> CHROMIUM_FLAGS =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");

  /** A busy machine may be slow for a while; a page that is broken stays broken. */
  private static final int PATIENCE_MS = 30_000;

  /** The browser's clock goes as far ahead as the server's. */
  private static final String BROWSER_CLOCK =
      """
      {
        const aheadMs = %d;
        const Real = Date;
        globalThis.Date = class Date extends Real {
          constructor(...at) {
            if (at.length) super(...at);
            else super(Real.now() + aheadMs);
          }
          static now() {
            return Real.now() + aheadMs;
          }
        };
      }""";

  private static Islet running;

  private final List<BrowserContext> open = new CopyOnWriteArrayList<>();

  /** Who signed in once, so that the next page of theirs need not: the browser's cookies. */
  private final Map<String, String> signedIn = new ConcurrentHashMap<>();

  private final ConfigurableApplicationContext context;
  private final Playwright playwright;
  private final Browser browser;
  private final String base;

  private Islet() {
    // Told that a proxy may stand before it; whoever asks without one says nothing of it.
    context = start("--islet.demo=true", "--server.forward-headers-strategy=native");
    base = address(context);
    playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                    .setArgs(CHROMIUM_FLAGS));
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    Runtime.getRuntime().addShutdownHook(new Thread(context::close));
  }

  private static String address(ConfigurableApplicationContext context) {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
  }

  /** The application on a database of its own. */
  private static ConfigurableApplicationContext start(String... arguments) {
    String server = System.getenv("ISLET_TEST_DB");
    if (server == null) {
      throw new IllegalStateException(
          "these tests need a PostgreSQL of their own; run ./islet test, which starts one");
    }
    String password = System.getenv("ISLET_TEST_DB_PASSWORD");
    String database = "test_" + Long.toHexString(System.nanoTime());
    try (Connection connection =
        DriverManager.getConnection(
            "jdbc:postgresql://" + server + "/postgres", "islet", password)) {
      connection.createStatement().execute("create database " + database);
    } catch (SQLException e) {
      throw new IllegalStateException("no database for the tests at " + server, e);
    }
    List<String> all = new ArrayList<>(List.of(arguments));
    all.addAll(
        List.of(
            "--server.port=0",
            "--spring.datasource.url=jdbc:postgresql://" + server + "/" + database,
            "--spring.datasource.password=" + password));
    return ServerOfTheDay.start(all.toArray(String[]::new));
  }

  /** A second application, on an empty database, for what only the first visit shows. */
  public Empty empty() {
    return new Empty(start());
  }

  /** Closes with its test. */
  public final class Empty implements AutoCloseable {
    private final ConfigurableApplicationContext context;

    private Empty(ConfigurableApplicationContext context) {
      this.context = context;
    }

    public Page page() {
      return Islet.this.page(
          new Browser.NewContextOptions().setViewportSize(1280, 800).setBaseURL(address(context)));
    }

    @Override
    public void close() {
      context.close();
    }
  }

  public static synchronized Islet running() {
    if (running == null) {
      running = new Islet();
    }
    return running;
  }

  public String base() {
    return base;
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** A page of a fresh browser, nobody signed in. */
  public Page stranger() {
    return page(1280, 800);
  }

  public Page page(int width, int height) {
    return page(options(width, height));
  }

  private Browser.NewContextOptions options(int width, int height) {
    return new Browser.NewContextOptions().setViewportSize(width, height).setBaseURL(base);
  }

  private Page page(Browser.NewContextOptions options) {
    BrowserContext fresh = browser.newContext(options);
    fresh.addInitScript(BROWSER_CLOCK.formatted(TestClock.aheadMs()));
    fresh.addInitScript(
        "if (!localStorage.getItem('islet-all-fields')) localStorage.setItem('islet-all-fields', 'true')");
    fresh.setDefaultTimeout(PATIENCE_MS);
    open.add(fresh);
    return fresh.newPage();
  }

  /** Closes every page there is. */
  static void closePages() {
    if (running != null) {
      running.open.forEach(BrowserContext::close);
      running.open.clear();
    }
  }

  /** A page of somebody who signs in now; their visit is their own, to be ended too. */
  public Page signedIn(String login, String password) {
    return signIn(stranger(), login, password);
  }

  /** The owner of the demo's collection. */
  public Page owner() {
    return known("mill", 1280, 800);
  }

  /** The same on a screen of that size. */
  public Page owner(int width, int height) {
    return known("mill", width, height);
  }

  /** The same on a phone whose line to the server is that one. */
  public Page ownerOver(CutNetwork line) {
    return page(options(390, 800).setBaseURL(line.address()).setStorageState(cookies("mill")));
  }

  /** A line to the server that can be cut. */
  public CutNetwork line() {
    return new CutNetwork(port());
  }

  public int port() {
    return Integer.parseInt(base.substring(base.lastIndexOf(':') + 1));
  }

  /** A page of nobody yet, by way of a proxy whose certificate is its own. */
  public Page through(String address) {
    return page(options(1280, 800).setBaseURL(address).setIgnoreHTTPSErrors(true));
  }

  /** A second server on the same database, that can be killed. */
  public OtherServer other() {
    return other(List.of()).ready();
  }

  /** The same, which makes its parts only when they are asked for, and so is there sooner. */
  public OtherServer startingSoon() {
    return other(
        List.of(
            "--spring.main.lazy-initialization=true",
            "--spring.data.jpa.repositories.bootstrap-mode=lazy"));
  }

  private OtherServer other(List<String> arguments) {
    return new OtherServer(
        context.getEnvironment().getRequiredProperty("spring.datasource.url"),
        context.getEnvironment().getRequiredProperty("spring.datasource.password"),
        arguments);
  }

  /** A helper there. */
  public Page helper() {
    return known("club", 1280, 800);
  }

  private Page known(String login, int width, int height) {
    return page(options(width, height).setStorageState(cookies(login)));
  }

  private String cookies(String login) {
    return signedIn.computeIfAbsent(
        login, who -> signedIn(who, "quiet water").context().storageState());
  }

  public Page signIn(Page page, String login, String password) {
    page.navigate("/login");
    page.fill("#username", login);
    page.fill("#password", password);
    page.click("main button");
    return page;
  }
}
