package app.islet.web.base.support;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * Chromium as a keeper has it, for measuring: told to open pages and to run a script in them, and
 * otherwise left alone. A browser that Playwright drives reports every request it makes, which
 * costs several milliseconds each.
 */
public final class PlainBrowser implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofMinutes(5);
  private static final int STARTS_WITHIN_S = 40;

  private final ObjectMapper json = new ObjectMapper();
  private final BlockingQueue<JsonNode> answers = new LinkedBlockingQueue<>();
  private final Path profile;
  private final Process chromium;
  private final WebSocket socket;
  private int asked;

  /** Starts it with an empty profile and a window of so many pixels. */
  public PlainBrowser(int width, int height) throws IOException, InterruptedException {
    profile = Files.createTempDirectory("plain-browser");
    List<String> command = new ArrayList<>(List.of("/usr/bin/chromium", "--headless=new"));
    command.addAll(Islet.CHROMIUM_FLAGS);
    command.addAll(
        List.of(
            "--remote-debugging-port=0",
            "--user-data-dir=" + profile,
            "--window-size=%d,%d".formatted(width, height),
            "about:blank"));
    chromium =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.to(new File("/dev/null")))
            .start();
    try {
      HttpClient client = HttpClient.newHttpClient();
      socket = client.newWebSocketBuilder().buildAsync(page(client, port()), new Listener()).join();
    } catch (IOException | InterruptedException | RuntimeException e) {
      close();
      throw e;
    }
  }

  private int port() throws IOException, InterruptedException {
    Path file = profile.resolve("DevToolsActivePort");
    for (int n = 0; n < 10 * STARTS_WITHIN_S; n++) {
      if (Files.exists(file) && !Files.readAllLines(file).isEmpty()) {
        return Integer.parseInt(Files.readAllLines(file).get(0));
      }
      Thread.sleep(100);
    }
    throw new IOException("Chromium did not start within %d s".formatted(STARTS_WITHIN_S));
  }

  private URI page(HttpClient client, int port) throws IOException, InterruptedException {
    URI list = URI.create("http://127.0.0.1:%d/json/list".formatted(port));
    JsonNode pages =
        json.readTree(
            client
                .send(HttpRequest.newBuilder(list).build(), HttpResponse.BodyHandlers.ofString())
                .body());
    for (JsonNode page : pages) {
      if (page.get("type").asString().equals("page")) {
        return URI.create(page.get("webSocketDebuggerUrl").asString());
      }
    }
    throw new IOException("Chromium has no page open");
  }

  /** Opens an address and waits until the script answers true there. */
  public void open(String address, String ready) throws InterruptedException {
    ask("Page.navigate", Map.of("url", address));
    for (int n = 0; n < 10 * STARTS_WITHIN_S; n++) {
      if (evaluate("location.href === %s && (%s)".formatted(quoted(address), ready))
          .asBoolean(false)) {
        return;
      }
      Thread.sleep(100);
    }
    throw new IllegalStateException("not ready: " + address);
  }

  /** What a script says, or what the promise it makes comes to. */
  public JsonNode evaluate(String script) throws InterruptedException {
    JsonNode result =
        ask(
            "Runtime.evaluate",
            Map.of(
                "expression", script,
                "awaitPromise", true,
                "returnByValue", true));
    if (result.has("exceptionDetails")) {
      throw new IllegalStateException(result.get("exceptionDetails").toString());
    }
    return result.get("result").path("value");
  }

  public String quoted(String text) {
    return json.writeValueAsString(text);
  }

  private JsonNode ask(String method, Map<String, ?> params) throws InterruptedException {
    int id = ++asked;
    socket
        .sendText(
            json.writeValueAsString(Map.of("id", id, "method", method, "params", params)), true)
        .join();
    while (true) {
      JsonNode answer = answers.poll(PATIENCE.toSeconds(), TimeUnit.SECONDS);
      if (answer == null) {
        throw new IllegalStateException("Chromium did not answer to " + method);
      }
      if (answer.path("id").asInt(0) == id) {
        if (answer.has("error")) {
          throw new IllegalStateException(answer.get("error").toString());
        }
        return answer.get("result");
      }
    }
  }

  @Override
  public void close() throws IOException, InterruptedException {
    chromium.destroy();
    chromium.waitFor();
    FileSystemUtils.deleteRecursively(profile);
  }

  private final class Listener implements WebSocket.Listener {
    private final StringBuilder text = new StringBuilder();

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence piece, boolean last) {
      text.append(piece);
      if (last) {
        answers.add(json.readTree(text.toString()));
        text.setLength(0);
      }
      from.request(1);
      return null;
    }
  }
}
