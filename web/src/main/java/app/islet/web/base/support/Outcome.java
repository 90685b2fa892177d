package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashSet;
import java.util.Set;

/** What became of a form, in sentences, for a script that sent it. */
final class Outcome {
  /** Name of the view that writes it. */
  static final String VIEW = "outcome";

  private static final String KEY = Outcome.class.getName();

  private final Set<String> sentences = new LinkedHashSet<>();

  /** That of a request. */
  static Outcome of(HttpServletRequest request) {
    if (request.getAttribute(KEY) instanceof Outcome known) {
      return known;
    }
    Outcome outcome = new Outcome();
    request.setAttribute(KEY, outcome);
    return outcome;
  }

  void says(String sentence) {
    sentences.add(sentence);
  }

  String sentence() {
    return String.join(" ", sentences);
  }
}
