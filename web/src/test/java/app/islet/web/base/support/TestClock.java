package app.islet.web.base.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;

/**
 * The clock of the servers and browsers the tests start. A run plays on one day, whatever day it is
 * run on: {@value #USUAL_DAY}, or what {@code ISLET_DAY} says. It begins in the forenoon and goes
 * on from there, until a test sets it.
 */
public final class TestClock extends Clock {
  static final TestClock INSTANCE = new TestClock();

  /** How a second server is told how far this clock is ahead of the machine's, ms. */
  static final String AHEAD = "islet.clock.ahead";

  /** A Thursday, so that jobs of weekdays and weekends both lie close. */
  private static final String USUAL_DAY = "2026-11-26";

  private static final LocalTime FORENOON = LocalTime.of(9, 30);

  private static final Duration BEGAN = began();

  private static volatile Duration ahead = BEGAN;

  private TestClock() {}

  private static Duration began() {
    Long told = Long.getLong(AHEAD);
    if (told != null) {
      return Duration.ofMillis(told);
    }
    String day = System.getenv().getOrDefault("ISLET_DAY", USUAL_DAY);
    Instant start = LocalDate.parse(day).atTime(FORENOON).toInstant(ZoneOffset.UTC);
    return Duration.between(Instant.now(), start);
  }

  /** The day the tests play on, where the collections of the tests are. */
  public static LocalDate today() {
    return now().atOffset(ZoneOffset.UTC).toLocalDate();
  }

  /** This moment. */
  public static Instant now() {
    return Instant.now().plus(ahead);
  }

  /** Sets it, and it goes on from there. */
  public static void set(Instant now) {
    ahead = Duration.between(Instant.now(), now);
  }

  /** Sets it as it was when the run began, and as much later. */
  public static void right() {
    ahead = BEGAN;
  }

  /** How far it is ahead of the machine's clock when no test has set it, ms. */
  static long aheadMs() {
    return BEGAN.toMillis();
  }

  @Override
  public Instant instant() {
    return now();
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
