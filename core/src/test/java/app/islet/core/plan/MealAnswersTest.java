package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.plan.MealAnswers.Answer;
import app.islet.core.plan.MealAnswers.State;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MealAnswersTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private final Resident slider = Setups.animals("slider", 1, 18);
  private final Plan plan = MealTasks.plan(List.of(slider), DAY);

  private Map<String, Answer> ask(LocalDate day, List<Completion> history, boolean fed) {
    List<List<DueTask>> lists = DayList.coming(day, 28, plan, DAY, history);
    return MealAnswers.of(plan, day, lists, history, fed).stream()
        .collect(Collectors.toMap(Answer::taskKey, answer -> answer));
  }

  private List<String> due(LocalDate day, List<Completion> history) {
    return DayList.on(day, plan, DAY, history).stream()
        .filter(d -> plan.helping(d.task()).isPresent())
        .map(d -> d.task().key())
        .toList();
  }

  @Test
  void what_was_given_is_given_and_begging_gets_no_more() {
    List<String> due = due(DAY, List.of());
    assertThat(due).isNotEmpty();
    assertThat(ask(DAY, List.of(), false).get(due.get(0)).state()).isEqualTo(State.DUE);
    List<Completion> fed = due.stream().map(key -> new Completion(key, DAY, 1, false)).toList();
    Map<String, Answer> after = ask(DAY, fed, false);
    due.forEach(key -> assertThat(after.get(key).state()).isEqualTo(State.GIVEN));
    assertThat(after.values())
        .filteredOn(answer -> !due.contains(answer.taskKey()))
        .isNotEmpty()
        .allMatch(answer -> answer.state() == State.FED || answer.state() == State.TOO_SOON);
  }

  @Test
  void a_meal_beside_the_rounds_counts_too() {
    String later =
        ask(DAY, List.of(), false).values().stream()
            .filter(answer -> answer.state() == State.LATER)
            .map(Answer::taskKey)
            .findFirst()
            .orElseThrow();
    assertThat(ask(DAY, List.of(), true).get(later).state()).isEqualTo(State.FED);
  }

  @Test
  void a_treat_twice_in_its_time_is_refused_until_a_day() {
    String treat =
        plan.feedings().get(0).menu().lines().stream()
            .filter(line -> line.often().mostDays() >= 28)
            .map(line -> line.food())
            .findFirst()
            .orElseThrow();
    int within =
        plan.feedings().get(0).menu().lines().stream()
            .filter(line -> line.food().equals(treat))
            .findFirst()
            .orElseThrow()
            .often()
            .mostDays();
    LocalDate given = DAY.minusDays(3);
    Answer answer = ask(DAY, List.of(new Completion(treat, given, 1, false)), false).get(treat);
    assertThat(answer.state()).isEqualTo(State.TOO_SOON);
    assertThat(answer.next()).contains(given.plusDays(within));
    List<Completion> long_ago = new ArrayList<>();
    long_ago.add(new Completion(treat, DAY.minusDays(within), 1, false));
    assertThat(ask(DAY, long_ago, false).get(treat).state()).isNotEqualTo(State.TOO_SOON);
  }
}
