package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.AsyncHandlerInterceptor;

/**
 * Lets a few requests work at a time, in the order they came; the others wait before they have
 * begun. All at once they would hold each other up, until one waits for a connection so long that
 * it is told the database is away. What was sent has been read by then: a slow line holds nobody
 * up.
 */
final class Turnstile implements AsyncHandlerInterceptor {
  /** Fewer than the connections there are, and enough for eight processors. */
  private static final int AT_ONCE = 8;

  private static final String INSIDE = Turnstile.class.getName();

  private final Semaphore places;
  private final Duration patience;

  Turnstile() {
    this(AT_ONCE, Duration.ofSeconds(40));
  }

  Turnstile(int atOnce, Duration patience) {
    this.places = new Semaphore(atOnce, true);
    this.patience = patience;
  }

  @Override
  public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
      throws IOException {
    if (!(handler instanceof HandlerMethod)) {
      return true;
    }
    if (!entered()) {
      request.setAttribute(
          Refusals.SENTENCE,
          "Too many are asking at once. What you just sent was not saved; send it again in a minute.");
      response.sendError(HttpStatus.SERVICE_UNAVAILABLE.value());
      return false;
    }
    request.setAttribute(INSIDE, true);
    return true;
  }

  private boolean entered() {
    try {
      return places.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception fault) {
    leave(request);
  }

  /** A long answer is written by another thread, and takes no place meanwhile. */
  @Override
  public void afterConcurrentHandlingStarted(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    leave(request);
  }

  private void leave(HttpServletRequest request) {
    if (request.getAttribute(INSIDE) != null) {
      request.removeAttribute(INSIDE);
      places.release();
    }
  }
}
