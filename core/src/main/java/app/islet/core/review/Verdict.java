package app.islet.core.review;

import app.islet.core.quantity.Phrase;
import app.islet.core.text.English;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A review in one answer that a person can act on: whether the animals can live there as it is, and
 * what comes first.
 *
 * @param sentence the answer with what weighs most
 * @param first what to do, the most urgent first; no more than {@value #STEPS}
 */
public record Verdict(
    Answer answer, Phrase sentence, int dangers, int wrongs, int watches, List<Phrase> first) {
  private static final int STEPS = 3;

  /** From the worst finding. */
  public enum Answer {
    DANGEROUS(Severity.DANGER, "No. {}"),
    NOT_YET(Severity.WRONG, "Not yet. {}"),
    MOSTLY(Severity.WATCH, "Yes, with an eye on this: {}"),
    YES(Severity.NOTE, "Yes: nothing wrong was found.");

    private final Severity from;
    private final String words;

    Answer(Severity from, String words) {
      this.from = from;
      this.words = words;
    }
  }

  public Verdict {
    first = List.copyOf(first);
  }

  /**
   * Of what is open: a note asks for nothing, and what a keeper lives with is theirs to answer for.
   */
  public static Verdict of(Review review) {
    Map<Severity, List<Finding>> open =
        review.findings().stream()
            .filter(f -> f.accepted().isEmpty())
            .collect(Collectors.groupingBy(Finding::severity));
    Answer answer =
        Stream.of(Answer.DANGEROUS, Answer.NOT_YET, Answer.MOSTLY)
            .filter(a -> open.containsKey(a.from))
            .findFirst()
            .orElse(Answer.YES);
    return new Verdict(
        answer,
        answer == Answer.YES
            ? Phrase.of(answer.words)
            : Phrase.of(answer.words, open.get(answer.from).get(0).what()),
        count(open, Severity.DANGER),
        count(open, Severity.WRONG),
        count(open, Severity.WATCH),
        answer == Answer.YES ? List.of() : first(open.get(answer.from)));
  }

  private static List<Phrase> first(List<Finding> worst) {
    return worst.stream()
        .flatMap(f -> f.remedies().stream().limit(1))
        .map(Remedy::text)
        .distinct()
        .limit(STEPS)
        .toList();
  }

  private static int count(Map<Severity, List<Finding>> open, Severity severity) {
    return open.getOrDefault(severity, List.of()).size();
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
