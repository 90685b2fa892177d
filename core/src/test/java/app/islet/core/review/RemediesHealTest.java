package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Change;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RemediesHealTest {
  /** A new filter must grow in first: that is told beside it, and no reason to do without. */
  private static final String GROWS_IN = "start-up-not-finished";

  static Stream<SampleDocument> samples() throws IOException {
    return SampleDocument.all();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("samples")
  void no_remedy_that_is_offered_brings_another_finding_as_grave(SampleDocument sample) {
    heals(sample.situation());
  }

  /** Samples with numbers set at random, the same in every run. */
  @ParameterizedTest
  @ValueSource(ints = 200)
  void nor_does_one_in_a_design_at_random(int designs) throws IOException {
    atRandom(designs);
  }

  @Tag("long")
  @ParameterizedTest
  @ValueSource(ints = 2000)
  void nor_does_one_in_very_many(int designs) throws IOException {
    atRandom(designs);
  }

  private static void atRandom(int designs) throws IOException {
    List<SampleDocument> samples = SampleDocument.all().toList();
    Random random = new Random(34);
    int judged = 0;
    for (int n = 0; n < designs; n++) {
      try {
        heals(samples.get(n % samples.size()).spoiled(random).situation());
        judged++;
      } catch (UnreadableException outOfRange) {
        // Not every number goes with every other; such a design nobody can enter.
      }
    }
    assertThat(judged).isGreaterThan(designs / 2);
  }

  private static void heals(HusbandryState now) {
    Map<String, Severity> before = gravest(now);
    for (Finding finding : Review.of(now).findings()) {
      for (Remedy remedy : finding.remedies()) {
        if (!remedy.changes().isEmpty() && finding.severity() != Severity.NOTE) {
          Map<String, Severity> after = gravest(now.with(now.enclosure().with(remedy.changes())));
          after.remove(GROWS_IN);
          after.forEach(
              (rule, severity) ->
                  assertThat(severity)
                      .as("%s by %s: %s", finding.rule(), remedy.changes(), rule)
                      .satisfiesAnyOf(
                          s -> assertThat(s).isGreaterThan(finding.severity()),
                          s ->
                              assertThat(s)
                                  .isGreaterThanOrEqualTo(
                                      before.getOrDefault(rule, Severity.NOTE))));
        }
      }
    }
  }

  @Test
  void a_remedy_that_only_moves_the_trouble_is_not_offered() {
    Finding shallow =
        Review.of(SampleDocument.read("souvenir-hermits").situation()).findings().stream()
            .filter(f -> f.rule().equals("water-too-shallow"))
            .findFirst()
            .orElseThrow();
    assertThat(shallow.remedies())
        .as("5 cm of water drown the land they live on")
        .isNotEmpty()
        .noneMatch(r -> r.changes().contains(new Change("/water/depthCm", 5)));
  }

  private static Map<String, Severity> gravest(HusbandryState s) {
    Map<String, Severity> gravest = new TreeMap<>();
    Review.judged(s).forEach(f -> gravest.merge(f.rule(), f.severity(), Margin::graver));
    return gravest;
  }
}
