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

  private static final int MOST_SHOWN = 8;

  private Fuzz() {}

  /**
   * @param few tries in a run where nobody asked for more
   * @param attempt what is wrong with what it did; empty if nothing
   */
  static void run(String name, int few, Function<Mutator, Optional<String>> attempt) {
    int tries = ASKED.map(Integer::parseInt).orElse(few);
    List<String> faults = new ArrayList<>();
    long slowest = 0;
    for (int n = 0; n < tries; n++) {
      long seed = SEED + n;
      Result result = measured(attempt, seed);
      if (n > 0 && result.nanos() > LONGEST.toNanos()) {
        // A machine pauses now and then; what is slow is slow again.
        result = measured(attempt, seed);
      }
      Optional<String> fault =
          n > 0 && result.nanos() > LONGEST.toNanos()
              ? Optional.of("it took %d ms".formatted(result.nanos() / 1_000_000))
              : result.fault();
      slowest = n == 0 ? 0 : Math.max(slowest, result.nanos());
      fault.ifPresent(f -> faults.add("seed %d: %s".formatted(seed, f)));
      if (faults.size() == MOST_SHOWN) {
        break;
      }
    }
    if (ASKED.isPresent()) {
      System.out.printf(
          "%-28s %6d tries, slowest %4d ms, %d faults%n",
          name, tries, slowest / 1_000_000, faults.size());
    }
    assertThat(faults).as(name).isEmpty();
  }

  private record Result(Optional<String> fault, long nanos) {}

  private static Result measured(Function<Mutator, Optional<String>> attempt, long seed) {
    long began = System.nanoTime();
    return new Result(attempt.apply(new Mutator(seed)), System.nanoTime() - began);
  }
}
