package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.health.CourseResults.Ending;
import app.islet.core.health.CourseResults.Run;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CourseResultsTest {
  private static final Course TUB = HealthTables.bundled().course("holding-tub").orElseThrow();
  private static final LocalDate START = LocalDate.of(2027, 1, 1);

  private static Run over(int days, Ending how) {
    return new Run(START, Optional.of(START.plusDays(days - 1L)), Optional.of(how));
  }

  @Test
  void the_same_course_is_compared_over_animals() {
    CourseResults r =
        CourseResults.of(
            TUB,
            List.of(
                over(9, Ending.SIGN),
                over(6, Ending.SIGN),
                over(2, Ending.STOPPED),
                new Run(START, Optional.empty(), Optional.empty())));
    assertThat(r.running()).isEqualTo(1);
    assertThat(r.ended()).isEqualTo(2);
    assertThat(r.stopped()).isEqualTo(1);
    assertThat(r.days()).containsExactly(6L, 9L);
    assertThat(r.middleDays()).contains(7.5);
  }

  @Test
  void of_an_ending_nobody_told_nothing_is_concluded() {
    CourseResults r =
        CourseResults.of(TUB, List.of(new Run(START, Optional.of(START), Optional.empty())));
    assertThat(r.ended()).isZero();
    assertThat(r.stopped()).isZero();
    assertThat(r.middleDays()).isEmpty();
  }
}
