package app.islet.core.review;

import app.islet.core.quantity.Phrase;
import app.islet.core.text.English;
import java.util.List;
import java.util.stream.Stream;

/**
 * A review in one answer that a person can act on: whether the animals can live there as it is, and
 * what comes first.
 *
 * @param first what to do, the most urgent first; no more than {@value #STEPS}
 */
public record Verdict(Answer answer, int dangers, int wrongs, int watches, List<Phrase> first) {
  private static final int STEPS = 3;

  /** From the worst finding. */
  public enum Answer {
    DANGEROUS("No: as it is an animal or a person may be harmed."),
    NOT_YET("Not yet: something it needs is missing."),
    MOSTLY("Yes, with an eye on a few things."),
    YES("Yes: nothing wrong was found.");

    private final String words;

    Answer(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  public Verdict {
    first = List.copyOf(first);
  }

  public static Verdict of(Review review) {
    int dangers = count(review, Severity.DANGER);
    int wrongs = count(review, Severity.WRONG);
    int watches = count(review, Severity.WATCH);
    Severity asked = dangers > 0 ? Severity.DANGER : wrongs > 0 ? Severity.WRONG : Severity.WATCH;
    return new Verdict(
        dangers > 0
            ? Answer.DANGEROUS
            : wrongs > 0 ? Answer.NOT_YET : watches > 0 ? Answer.MOSTLY : Answer.YES,
        dangers,
        wrongs,
        watches,
        review.findings().stream()
            .filter(f -> f.severity() == asked)
            .flatMap(f -> f.remedies().stream().limit(1))
            .map(Remedy::text)
            .distinct()
            .limit(STEPS)
            .toList());
  }

  private static int count(Review review, Severity severity) {
    return (int) review.findings().stream().filter(f -> f.severity() == severity).count();
  }

  /** As in "1 danger, 2 wrong, 4 to watch"; empty where there is nothing. */
  public String counted() {
    return English.list(
        Stream.of(
                dangers > 0 ? English.count(dangers, "danger") : "",
                wrongs > 0 ? wrongs + " wrong" : "",
                watches > 0 ? watches + " to watch" : "")
            .filter(words -> !words.isEmpty())
            .toList());
  }
}
