package app.islet.core.bench;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.review.Outlook;
import app.islet.core.review.Review;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How fast the core answers, as ratios: each question against the plainest one. Not a test; run its
 * main from an editor, or as CONTRIBUTING.md says.
 */
public final class ReviewBenchmark {
  private static final int ROUNDS = 200;

  private ReviewBenchmark() {}

  public static void main(String[] args) {
    Enclosure large =
        Setups.tank(
            300,
            100,
            80,
            50,
            new Equipment.Filter(2000, Optional.empty(), true),
            new Equipment.Heater(500, true));
    List<Resident> one = List.of(Setups.animals("slider", 1, 18));
    List<Resident> twelve =
        Stream.of("slider", "painted", "map-turtle", "common-musk", "terrapin", "reeves")
            .flatMap(id -> Stream.of(named(id, 10), named(id, 14)))
            .toList();
    double reference = millis(() -> Review.of(HusbandryState.of(large, one, Setups.TODAY)));
    print("review, 1 resident", reference, reference);
    print(
        "review, 12 residents of 6 species",
        millis(() -> Review.of(HusbandryState.of(large, twelve, Setups.TODAY))),
        reference);
    print(
        "outlook of 36 months, 1 resident",
        millis(() -> Outlook.of(HusbandryState.of(large, one, Setups.TODAY), 36)),
        reference);
  }

  private static Resident named(String id, double cm) {
    Resident r = Setups.animals(id, 1, cm);
    return new Resident(id + cm, r.species(), 1, 0, 0, r.lengthCm(), r.massG(), Optional.empty());
  }

  private static double millis(Runnable question) {
    for (int i = 0; i < ROUNDS; i++) {
      question.run();
    }
    long start = System.nanoTime();
    for (int i = 0; i < ROUNDS; i++) {
      question.run();
    }
    return (System.nanoTime() - start) / 1e6 / ROUNDS;
  }

  private static void print(String question, double ms, double reference) {
    System.out.printf("%-36s %7.2f ms  %6.1f x%n", question, ms, ms / reference);
  }
}
