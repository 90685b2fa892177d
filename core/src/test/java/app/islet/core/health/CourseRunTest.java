package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Origin;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CourseRunTest {
  private static CareSheet sheet(String species) {
    return CareLibrary.bundled().find(species).orElseThrow();
  }

  private static final LocalDate BEGAN = LocalDate.of(2026, 5, 1);
  private static final Course TUB = HealthTables.bundled().course("holding-tub").orElseThrow();

  @Test
  void it_is_due_on_its_first_day_and_on_the_next_after_it_was_done() {
    assertThat(CourseRun.of(TUB, TUB.pace().usualDays(), BEGAN, List.of()).isDue(BEGAN)).isTrue();
    CourseRun done = CourseRun.of(TUB, TUB.pace().usualDays(), BEGAN, List.of(BEGAN, BEGAN));
    assertThat(done.times()).isEqualTo(1);
    assertThat(done.isDue(BEGAN)).isFalse();
    assertThat(done.isDue(BEGAN.plusDays(1))).isTrue();
    assertThat(done.day(BEGAN.plusDays(1))).isEqualTo(2);
  }

  @ParameterizedTest(name = "day {0}: long {1}")
  @CsvSource({"14, false", "15, true"})
  void longer_than_such_courses_take_is_told(int day, boolean tooLong) {
    CourseRun run = CourseRun.of(TUB, TUB.pace().usualDays(), BEGAN, List.of());
    assertThat(run.isLong(BEGAN.plusDays(day - 1))).isEqualTo(tooLong);
  }

  @Test
  void quarantine_lasts_by_kind_and_source_and_all_else_by_itself() {
    Course quarantine = HealthTables.bundled().course("quarantine").orElseThrow();
    assertThat(
            quarantine.usualDays(
                HealthTables.bundled().arrival(sheet("slider")), Optional.of(Origin.FOUND)))
        .isEqualTo(new Range(84, 182));
    assertThat(
            quarantine.usualDays(
                HealthTables.bundled().arrival(sheet("vampire-crab")), Optional.empty()))
        .isEqualTo(new Range(21, 42));
    assertThat(
            TUB.usualDays(
                HealthTables.bundled().arrival(sheet("dwarf-frog")), Optional.of(Origin.FOUND)))
        .isEqualTo(TUB.pace().usualDays());
  }

  @Test
  void every_course_ends_by_a_sign_and_can_be_stopped() {
    assertThat(HealthTables.bundled().courses())
        .allSatisfy(
            course -> {
              assertThat(course.end().ends()).endsWith(".");
              assertThat(course.end().stop()).endsWith(".");
              assertThat(course.steps()).hasSizeGreaterThan(1);
              assertThat(course.steps())
                  .allSatisfy(step -> assertThat(step.split("\\s+").length).isLessThan(20));
            });
    for (AnimalGroup group : AnimalGroup.values()) {
      assertThat(HealthTables.bundled().coursesOf(group)).isNotEmpty();
    }
  }
}
