package app.islet.core.text;

import java.util.List;
import java.util.stream.Collectors;

/** A text was refused whole, with every problem found in it. */
public final class UnreadableException extends RuntimeException {
  private final transient List<Problem> problems;

  public UnreadableException(String name, List<Problem> problems) {
    super(
        problems.stream()
            .map(Problem::toString)
            .collect(Collectors.joining("\n" + name + ", ", name + ", ", "")));
    this.problems = List.copyOf(problems);
  }

  public List<Problem> problems() {
    return problems;
  }
}
