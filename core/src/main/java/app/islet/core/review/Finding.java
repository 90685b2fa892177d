package app.islet.core.review;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.School;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Phrase;
import app.islet.core.text.English;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * One judgement.
 *
 * @param rule id of the rule that made it
 * @param who the residents it concerns, as read; empty when it concerns all
 * @param what what is so, figure and range in it
 * @param why what follows for the animal or the keeper
 * @param remedies the cheapest first
 * @param things what it is about in the drawing: ids of parts, or {@code water}, {@code ground},
 *     {@code land}, {@code platform}, {@code vessel}, {@code lid}, {@code passages}, {@code hides},
 *     {@code stones} and the kinds of devices
 * @param school the school the verdict follows
 * @param otherwise names of the schools of that species that would not say so
 * @param accepted the keeper's word that it is known and lived with, where it was given and holds
 */
public record Finding(
    String rule,
    Severity severity,
    Step step,
    String who,
    Phrase what,
    Phrase why,
    List<Remedy> remedies,
    Set<String> things,
    Optional<School> school,
    List<String> otherwise,
    Evidence basis,
    Optional<Acceptance> accepted) {
  public Finding {
    remedies = List.copyOf(remedies);
    things = Set.copyOf(things);
    otherwise = List.copyOf(otherwise);
  }

  /** The same finding, with the schools that would not make it. */
  Finding otherwiseBy(List<String> schools) {
    return new Finding(
        rule, severity, step, who, what, why, remedies, things, school, schools, basis, accepted);
  }

  /** The same finding, mended in these ways. */
  Finding with(List<Remedy> others) {
    return new Finding(
        rule, severity, step, who, what, why, others, things, school, otherwise, basis, accepted);
  }

  /** The same finding, with the acceptance that covers it. */
  Finding acceptedBy(Optional<Acceptance> acceptance) {
    return new Finding(
        rule,
        severity,
        step,
        who,
        what,
        why,
        remedies,
        things,
        school,
        otherwise,
        basis,
        acceptance);
  }

  /** The gravest of them, for all whom they concern. */
  static Finding together(List<Finding> alike) {
    Finding graver = alike.stream().min(Comparator.comparing(Finding::severity)).orElseThrow();
    return new Finding(
        graver.rule,
        graver.severity,
        graver.step,
        English.list(alike.stream().map(Finding::who).toList()),
        graver.what,
        graver.why,
        graver.remedies,
        graver.things,
        graver.school,
        graver.otherwise,
        graver.basis,
        graver.accepted);
  }

  /** Whether it asks for something to be done or watched, and the keeper has not put it off. */
  public boolean isOpen() {
    return severity != Severity.NOTE && accepted.isEmpty();
  }

  static Builder by(Rule rule, Severity severity, Step step) {
    return new Builder(rule.id(), severity, step);
  }

  /** Puts a finding together, sentence by sentence. */
  public static final class Builder {
    private final String rule;
    private final Severity severity;
    private final Step step;
    private final List<Remedy> remedies = new ArrayList<>();
    private final Set<String> things = new TreeSet<>();
    private String who = "";
    private Phrase what = Phrase.of("");
    private Phrase why = Phrase.of("");
    private Optional<School> school = Optional.empty();
    private Evidence basis = Evidence.PRACTICE;

    private Builder(String rule, Severity severity, Step step) {
      this.rule = rule;
      this.severity = severity;
      this.step = step;
    }

    public Builder who(Resident resident) {
      this.who = resident.name();
      this.school = Optional.of(resident.sheet().school());
      return this;
    }

    /** Of all of them together, judged by the school of the one that matters most. */
    public Builder who(List<Cohort> cohorts, Cohort leading) {
      this.who = English.list(cohorts.stream().map(Cohort::who).toList());
      this.school = Optional.of(leading.sheet().school());
      return this;
    }

    public Builder what(String pattern, Object... parts) {
      this.what = Phrase.of(pattern, parts);
      return this;
    }

    public Builder why(String pattern, Object... parts) {
      this.why = Phrase.of(pattern, parts);
      return this;
    }

    public Builder remedy(String pattern, Object... parts) {
      remedies.add(new Remedy(Phrase.of(pattern, parts), List.of()));
      return this;
    }

    public Builder remedy(Change change, String pattern, Object... parts) {
      return remedy(List.of(change), pattern, parts);
    }

    /** A remedy of several numbers, which clear the finding together. */
    public Builder remedy(List<Change> changes, String pattern, Object... parts) {
      remedies.add(new Remedy(Phrase.of(pattern, parts), changes));
      return this;
    }

    /** What it is about in the drawing, besides what its remedies change. */
    public Builder at(String... named) {
      things.addAll(List.of(named));
      return this;
    }

    private Set<String> things() {
      Set<String> all = new TreeSet<>(things);
      remedies.stream()
          .flatMap(r -> r.changes().stream())
          .forEach(change -> all.add(thingOf(change.field())));
      return all;
    }

    /** {@code /water/depthCm} is about the water, {@code /equipment/heater/powerW} the heater. */
    private static String thingOf(String field) {
      String[] steps = field.split("/");
      boolean grouped = steps[1].equals("equipment") || steps[1].equals("furnishings");
      return grouped ? steps[2] : steps[1];
    }

    public Builder basis(Evidence stated) {
      this.basis = stated;
      return this;
    }

    /** A Danger never rests on what somebody remembers and nobody has checked. */
    private Severity severity() {
      return severity == Severity.DANGER && basis.kind() == Evidence.Kind.MEMORY
          ? Severity.WRONG
          : severity;
    }

    public Finding build() {
      return new Finding(
          rule,
          severity(),
          step,
          who,
          what,
          why,
          remedies,
          things(),
          school,
          List.of(),
          basis,
          Optional.empty());
    }
  }
}
