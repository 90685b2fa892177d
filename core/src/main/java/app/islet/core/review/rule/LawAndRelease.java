package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.LawNote;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the law may say of keeping, selling and releasing these animals. */
@AutoService(Rule.class)
public final class LawAndRelease implements Rule {
  @Override
  public String id() {
    return "law-and-release";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return s.residents().stream().map(this::found).distinct();
  }

  private Finding found(Resident r) {
    List<LawNote> notes =
        r.sheet().law().stream().filter(note -> note.holdsFor(r.bodyCm())).toList();
    return finding(Severity.NOTE, Step.PEOPLE)
        .basis(basis(notes))
        .what("Law and release: {}.", r.sheet().name())
        .why(notes.stream().map(LawNote::text).collect(Collectors.joining(" ")))
        .remedy("Your local authority says what holds where you live.")
        .build();
  }

  private static Evidence basis(List<LawNote> notes) {
    String sources =
        notes.stream()
            .map(LawNote::basis)
            .filter(b -> b.kind() == Evidence.Kind.PUBLISHED)
            .map(Evidence::source)
            .collect(Collectors.joining("; "));
    return sources.isEmpty() ? Evidence.PRACTICE : Evidence.published(sources);
  }
}
