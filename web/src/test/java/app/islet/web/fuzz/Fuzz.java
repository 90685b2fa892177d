package app.islet.web.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Tries what no keeper would send. A few in every run; {@code ISLET_FUZZ} says how many, and {@code
 * ISLET_FUZZ_SEED} where to begin.
 */
final class Fuzz {
  private static final Optional<String> ASKED = Optional.ofNullable(System.getenv("ISLET_FUZZ"));
  private static final long SEED =
      Optional.ofNullable(System.getenv("ISLET_FUZZ_SEED")).map(Long::parseLong).orElse(1L);

  /** One that was asked for measures; a run beside others may be slow for a while. */
  private static final Duration LONGEST = Duration.ofSeconds(ASKED.isPresent() ? 1 : 10);

  private static final int MAX_SHOWN = 8;

  private static final int AGAIN = 3;
  private static final Duration PAUSE = Duration.ofSeconds(2);

  private Fuzz() {}

  /**
   * @param few tries in a run where nobody asked for more
   * @param attempt what is wrong with what it did; empty if nothing
   */
  static void run(String name, int few, Function<Mutator, Optional<String>> attempt) {
    int tries = ASKED.map(Integer::parseInt).orElse(few);
    List<String> faults = new ArrayList<>();
    Result slowest = new Result(SEED, Optional.empty(), 0);
    for (int n = 0; n < tries; n++) {
      Result result = settled(attempt, SEED + n, n == 0);
      slowest = n > 0 && result.nanos() > slowest.nanos() ? result : slowest;
      result.fault().ifPresent(f -> faults.add("seed %d: %s".formatted(result.seed(), f)));
      if (faults.size() == MAX_SHOWN) {
        break;
      }
    }
    if (ASKED.isPresent()) {
      System.out.printf(
          "%-28s %6d tries, slowest %4d ms (seed %d), %d faults%n",
          name, tries, slowest.millis(), slowest.seed(), faults.size());
    }
    assertThat(faults).as(name).isEmpty();
  }

  private record Result(long seed, Optional<String> fault, long nanos) {
    long millis() {
      return nanos / 1_000_000;
    }

    boolean isMerelySlow() {
      return fault.isEmpty() && nanos > LONGEST.toNanos();
    }
  }

  /**
   * A machine pauses now and then, for seconds: what is slow is slow again, however often it is
   * asked.
   *
   * @param first of all, which waits for what is loaded but once
   */
  private static Result settled(
      Function<Mutator, Optional<String>> attempt, long seed, boolean first) {
    Result result = measured(attempt, seed);
    for (int again = 0; again < AGAIN && result.isMerelySlow() && !first; again++) {
      pause();
      result = measured(attempt, seed);
    }
    return result.isMerelySlow() && !first
        ? new Result(seed, Optional.of("it took %d ms".formatted(result.millis())), result.nanos())
        : result;
  }

  private static void pause() {
    try {
      Thread.sleep(PAUSE.toMillis());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private static Result measured(Function<Mutator, Optional<String>> attempt, long seed) {
    long began = System.nanoTime();
    Optional<String> fault = attempt.apply(new Mutator(seed));
    return new Result(seed, fault, System.nanoTime() - began);
  }
}
