package app.islet.web.base.finding;

import app.islet.core.review.Finding;
import app.islet.core.review.Review;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The findings of an enclosure, worded for one keeper, the worst first. */
public record FindingList(List<FindingView> all) {
  /** A rule may find the same twice of one animal: then they are counted. */
  public static FindingList of(Review review, Units u) {
    Map<String, Integer> met = new HashMap<>();
    List<FindingView> views = new ArrayList<>();
    for (Finding f : review.findings()) {
      String of = f.rule() + " " + f.who();
      views.add(FindingView.of(u, f, of + " " + met.merge(of, 1, Integer::sum)));
    }
    return new FindingList(List.copyOf(views));
  }

  /** Findings that ask for an act. */
  public long open() {
    return all.stream().filter(FindingView::isOpen).count();
  }

  /** How many are of that severity, by its css class. */
  public long count(String css) {
    return all.stream().filter(f -> f.css().equals(css)).count();
  }

  /** The keys in their order, each on a line. */
  public String order() {
    return all.stream().map(FindingView::key).collect(Collectors.joining("\n"));
  }

  /** Those that do not read as a page does already. */
  public List<FindingView> but(Set<String> says) {
    return all.stream().filter(f -> !says.contains(f.says())).toList();
  }
}
