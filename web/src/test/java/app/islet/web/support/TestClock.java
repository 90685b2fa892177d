package app.islet.web.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** The clock of the servers the tests start: it goes right until a test sets it. */
public final class TestClock extends Clock {
  static final TestClock INSTANCE = new TestClock();

  private static volatile Duration ahead = Duration.ZERO;

  private TestClock() {}

  /** Sets it, and it goes on from there. */
  public static void set(Instant now) {
    ahead = Duration.between(Instant.now(), now);
  }

  /** Sets it right again. */
  public static void right() {
    ahead = Duration.ZERO;
  }

  @Override
  public Instant instant() {
    return Instant.now().plus(ahead);
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return new InZone(zone);
  }

  private static final class InZone extends Clock {
    private final ZoneId zone;

    private InZone(ZoneId zone) {
      this.zone = zone;
    }

    @Override
    public ZoneId getZone() {
      return zone;
    }

    @Override
    public Clock withZone(ZoneId other) {
      return new InZone(other);
    }

    @Override
    public Instant instant() {
      return INSTANCE.instant();
    }
  }
}
