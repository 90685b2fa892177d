package app.islet.web.base.support;

import io.undertow.Undertow;
import io.undertow.server.handlers.proxy.LoadBalancingProxyClient;
import io.undertow.server.handlers.proxy.ProxyHandler;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.List;
import javax.net.ssl.KeyManagerFactory;
import javax.net.ssl.SSLContext;
import org.jspecify.annotations.Nullable;

/** What stands before Islet where it is run for many: ends TLS, spreads requests over servers. */
public final class Proxy implements AutoCloseable {
  private static final int PATIENCE_MS = 60_000;
  private static final int RETRIES = 5;
  private static final char[] SECRET = "only for tests".toCharArray();

  private final Undertow server;
  private final String scheme;

  private Proxy(@Nullable SSLContext tls, List<String> servers) {
    LoadBalancingProxyClient client =
        new LoadBalancingProxyClient().setConnectionsPerThread(20).setProblemServerRetry(1);
    // A connection is not kept for another request: the server behind it may be going.
    client.setSoftMaxConnectionsPerThread(0).setTtl(1);
    servers.forEach(address -> client.addHost(URI.create(address)));
    ProxyHandler handler =
        ProxyHandler.builder()
            .setProxyClient(client)
            .setMaxRequestTime(PATIENCE_MS)
            .setMaxConnectionRetries(RETRIES)
            .build();
    Undertow.Builder builder = Undertow.builder().setHandler(handler);
    scheme = tls == null ? "http" : "https";
    server =
        tls == null
            ? builder.addHttpListener(0, "127.0.0.1").build()
            : builder.addHttpsListener(0, "127.0.0.1", tls).build();
    server.start();
  }

  public static Proxy plain(List<String> servers) {
    return new Proxy(null, servers);
  }

  public static Proxy tls(String address) {
    return new Proxy(certified(), List.of(address));
  }

  public String address() {
    InetSocketAddress at = (InetSocketAddress) server.getListenerInfo().get(0).getAddress();
    return scheme + "://127.0.0.1:" + at.getPort();
  }

  /** With a certificate of its own making, which nobody trusts who is not told to. */
  private static SSLContext certified() {
    try {
      Path folder = Files.createTempDirectory("islet-tls");
      Path store = folder.resolve("keys.p12");
      int made =
          new ProcessBuilder(
                  Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                  "-genkeypair",
                  "-alias",
                  "islet",
                  "-keyalg",
                  "EC",
                  "-dname",
                  "CN=127.0.0.1",
                  "-storetype",
                  "PKCS12",
                  "-keystore",
                  store.toString(),
                  "-storepass",
                  new String(SECRET))
              .inheritIO()
              .start()
              .waitFor();
      if (made != 0) {
        throw new IllegalStateException("keytool made no certificate");
      }
      KeyStore keys = KeyStore.getInstance("PKCS12");
      try (InputStream in = Files.newInputStream(store)) {
        keys.load(in, SECRET);
      }
      KeyManagerFactory managers =
          KeyManagerFactory.getInstance(KeyManagerFactory.getDefaultAlgorithm());
      managers.init(keys, SECRET);
      SSLContext context = SSLContext.getInstance("TLS");
      context.init(managers.getKeyManagers(), null, null);
      return context;
    } catch (IOException | GeneralSecurityException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  @Override
  public void close() {
    server.stop();
  }
}
