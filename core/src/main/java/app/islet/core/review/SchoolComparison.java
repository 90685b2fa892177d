package app.islet.core.review;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which schools would not make a finding.
 *
 * <p>Only schools that say something else of the resident's stage are asked, and each situation is
 * laid out once and each rule asked of it once, however many findings there are.
 */
final class SchoolComparison {
  /** Of very many entries each school would take a simulation of its own: then none is asked. */
  private static final int MAX_RESIDENTS = 40;

  private final HusbandryState situation;
  private final Map<String, HusbandryState> asked = new HashMap<>();
  private final Map<String, List<Finding>> heard = new HashMap<>();

  /** By identity: a resident brings its whole care sheet, too much to hash for each finding. */
  private final Map<Resident, List<String>> differing = new IdentityHashMap<>();

  SchoolComparison(HusbandryState situation) {
    this.situation = situation;
  }

  /** Schools by which the residents that the finding concerns would not be judged so. */
  List<String> from(Finding finding) {
    if (situation.residents().size() > MAX_RESIDENTS) {
      return List.of();
    }
    List<String> schools = new ArrayList<>();
    for (Cohort cohort : situation.cohorts()) {
      if (cohort.who().equals(finding.who())
          && finding.school().equals(Optional.of(cohort.sheet().school()))) {
        addSchools(cohort, finding, schools);
      }
    }
    return schools;
  }

  /** A school that says what the default says is not named beside it. */
  private void addSchools(Cohort cohort, Finding finding, List<String> schools) {
    Resident resident = cohort.members().get(0);
    String own = resident.sheet().school().name();
    String usual = resident.species().school().name();
    boolean usually = own.equals(usual) || says(cohort, usual, finding);
    if (!usually) {
      schools.add(usual);
      return;
    }
    differing.computeIfAbsent(resident, SchoolComparison::schoolsThatDiffer).stream()
        .filter(school -> !says(cohort, school, finding))
        .forEach(schools::add);
  }

  private static List<String> schoolsThatDiffer(Resident resident) {
    Optional<Stage> own = resident.sheet().stage(resident.stage().id());
    return resident.species().otherSchools().stream()
        .filter(other -> !other.stage(resident.stage().id()).equals(own))
        .map(CareSheet::school)
        .map(school -> school.name())
        .toList();
  }

  private boolean says(Cohort cohort, String school, Finding finding) {
    int first = indexOf(cohort.members().get(0));
    String way = first + "/" + school;
    List<Finding> findings = heard.get(way + "/" + finding.rule());
    if (findings == null) {
      HusbandryState then = asked.computeIfAbsent(way, key -> with(cohort, school));
      findings = judged(Review.rule(finding.rule()), then, then.residents().get(first));
      heard.put(way + "/" + finding.rule(), findings);
    }
    return findings.stream().anyMatch(f -> f.severity() == finding.severity());
  }

  private int indexOf(Resident resident) {
    int at = 0;
    while (situation.residents().get(at) != resident) {
      at++;
    }
    return at;
  }

  /** What the rule says of the cohort that resident is of. */
  private static List<Finding> judged(Rule rule, HusbandryState then, Resident resident) {
    Cohort cohort =
        then.cohorts().stream()
            .filter(c -> c.members().stream().anyMatch(r -> r == resident))
            .findFirst()
            .orElseThrow();
    return rule instanceof ResidentRule each
        ? each.judge(then, cohort).stream().toList()
        : rule.judge(then).filter(f -> f.who().equals(cohort.who())).toList();
  }

  private HusbandryState with(Cohort cohort, String school) {
    List<Resident> residents =
        situation.residents().stream()
            .map(r -> cohort.members().stream().anyMatch(m -> m == r) ? r.by(school) : r)
            .toList();
    return situation.with(residents);
  }
}
