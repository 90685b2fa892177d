package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Change;
import app.islet.core.situation.HusbandryState;
import java.io.IOException;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

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
    HusbandryState now = sample.situation();
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
