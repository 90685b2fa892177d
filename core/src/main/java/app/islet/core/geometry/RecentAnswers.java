package app.islet.core.geometry;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What was worked out lately, by what was asked. A search over all cells is worth remembering, but
 * takes room: of many the oldest are forgotten.
 */
final class RecentAnswers<Q, A> {
  private static final int MAX = 24;

  private final Map<Q, A> answers =
      new LinkedHashMap<>(2 * MAX, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Q, A> eldest) {
          return size() > MAX;
        }
      };

  synchronized A get(Q question, Function<Q, A> work) {
    A known = answers.get(question);
    if (known == null) {
      known = work.apply(question);
      answers.put(question, known);
    }
    return known;
  }
}
