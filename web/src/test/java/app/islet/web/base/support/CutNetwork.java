package app.islet.web.base.support;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A line between browser and server that can be cut, also in the middle of an answer. */
public final class CutNetwork implements AutoCloseable {
  /** What passes the line. */
  private enum State {
    OPEN,
    /** What is asked reaches the server, but no answer comes back. */
    DEAF,
    CUT
  }

  private final ServerSocket door;
  private volatile int serverPort;
  private final Set<Socket> open = ConcurrentHashMap.newKeySet();
  private volatile State state = State.OPEN;

  public CutNetwork(int serverPort) {
    this.serverPort = serverPort;
    try {
      door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    daemon(this::accept);
  }

  public String address() {
    return "http://127.0.0.1:" + door.getLocalPort();
  }

  /** Nothing passes any more, and what is under way breaks off. */
  public void cut() {
    state = State.CUT;
    closeAll();
  }

  /** Questions still arrive; their answers are lost on the way. */
  public void loseAnswers() {
    state = State.DEAF;
  }

  public void mend() {
    closeAll();
    state = State.OPEN;
  }

  /** From now on it leads to another server. */
  public void leadTo(int port) {
    closeAll();
    serverPort = port;
  }

  private void closeAll() {
    open.forEach(CutNetwork::closeQuietly);
    open.clear();
  }

  private void accept() {
    while (!door.isClosed()) {
      try {
        join(door.accept());
      } catch (IOException closed) {
        return;
      }
    }
  }

  private void join(Socket browser) {
    Socket server = new Socket();
    try {
      if (state == State.CUT) {
        throw new IOException("cut");
      }
      server.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), serverPort));
    } catch (IOException nobodyThere) {
      closeQuietly(browser);
      return;
    }
    open.add(browser);
    open.add(server);
    daemon(() -> pass(browser, server, false));
    daemon(() -> pass(server, browser, true));
  }

  private void pass(Socket from, Socket to, boolean answers) {
    byte[] piece = new byte[8192];
    try (InputStream in = from.getInputStream()) {
      for (int n; (n = in.read(piece)) >= 0; ) {
        if (answers && state == State.DEAF) {
          break;
        }
        to.getOutputStream().write(piece, 0, n);
      }
    } catch (IOException broken) {
      // A broken line is what this is for.
    } finally {
      closeQuietly(from);
      closeQuietly(to);
    }
  }

  private static void closeQuietly(Socket socket) {
    try {
      socket.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void daemon(Runnable work) {
    Thread thread = new Thread(work, "line");
    thread.setDaemon(true);
    thread.start();
  }

  @Override
  public void close() {
    cut();
    try {
      door.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
