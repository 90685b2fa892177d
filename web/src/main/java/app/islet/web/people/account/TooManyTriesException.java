package app.islet.web.people.account;

import java.time.Duration;
import org.springframework.security.authentication.LockedException;

/** Too many wrong passwords lately: it is not even looked whether this one is right. */
final class TooManyTriesException extends LockedException {
  private final Duration wait;

  TooManyTriesException(Duration wait) {
    super("too many tries");
    this.wait = wait;
  }

  /** Until the next try. */
  long minutes() {
    return minutes(wait);
  }

  /** As it is told: whole ones, at least one. */
  static long minutes(Duration wait) {
    return Math.max(1, wait.plusSeconds(59).toMinutes());
  }
}
