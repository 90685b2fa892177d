package app.islet.web.base.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Duration;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.method.HandlerMethod;

/** How many requests work at a time. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TurnstileTest {
  private static final HandlerMethod PAGE = page();

  private final Turnstile turnstile = new Turnstile(2, Duration.ofMillis(50));
  private final MockHttpServletResponse answer = new MockHttpServletResponse();

  private static HandlerMethod page() {
    try {
      return new HandlerMethod("page", String.class.getMethod("toString"));
    } catch (NoSuchMethodException e) {
      throw new IllegalStateException(e);
    }
  }

  private MockHttpServletRequest entered() throws IOException {
    MockHttpServletRequest request = new MockHttpServletRequest();
    assertThat(turnstile.preHandle(request, new MockHttpServletResponse(), PAGE)).isTrue();
    return request;
  }

  private boolean enters() throws IOException {
    return turnstile.preHandle(new MockHttpServletRequest(), answer, PAGE);
  }

  @Test
  void as_many_as_there_are_places_and_the_next_when_one_leaves() throws IOException {
    MockHttpServletRequest first = entered();
    entered();
    assertThat(enters()).isFalse();
    assertThat(answer.getStatus()).isEqualTo(503);
    turnstile.afterCompletion(first, answer, PAGE, null);
    assertThat(enters()).isTrue();
  }

  @Test
  void whoever_leaves_twice_leaves_one_place() throws IOException {
    MockHttpServletRequest first = entered();
    entered();
    turnstile.afterConcurrentHandlingStarted(first, answer, PAGE);
    turnstile.afterCompletion(first, answer, PAGE, null);
    assertThat(enters()).isTrue();
    assertThat(enters()).isFalse();
  }

  @Test
  void what_is_shipped_as_it_is_needs_no_place() throws IOException {
    entered();
    entered();
    assertThat(turnstile.preHandle(new MockHttpServletRequest(), answer, new Object())).isTrue();
  }
}
