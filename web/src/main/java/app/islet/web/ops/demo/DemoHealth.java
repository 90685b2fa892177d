package app.islet.web.ops.demo;

import app.islet.core.health.CourseResults;
import app.islet.core.health.HealthTables;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.health.HealthCase;
import app.islet.web.store.health.HealthCourse;
import app.islet.web.store.health.HealthLog;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A newt in quarantine, and axolotls that got well after their filter had crashed. */
@Component
class DemoHealth {
  private final HealthLog log;
  private final Animals animals;

  DemoHealth(HealthLog log, Animals animals) {
    this.log = log;
    this.animals = animals;
  }

  void fill(CollectionContext context) {
    for (Animal animal : animals.all(context)) {
      if (animal.name().equals("The stray newt")) {
        quarantine(context, animal);
      } else if (animal.name().equals("Ember and Ash")) {
        crash(context, animal);
      }
    }
  }

  private void quarantine(CollectionContext context, Animal newt) {
    LocalDate began = context.today().minusDays(18);
    course(context, newt, "quarantine", began, 18);
  }

  private void crash(CollectionContext context, Animal pair) {
    LocalDate began = context.today().minusDays(38);
    HealthCase seen =
        log.report(
            context,
            pair.id(),
            new HealthCase.Seen(
                began,
                List.of("gills-forward", "red-skin"),
                "the day after the filter was washed under the tap"),
            UUID.randomUUID());
    HealthCourse tub = course(context, pair, "holding-tub", began, 9);
    log.end(
        context,
        tub.id(),
        began.plusDays(9),
        CourseResults.Ending.SIGN,
        "gills upright, skin pale again, both eat");
    log.end(context, seen.id(), began.plusDays(12), HealthCase.Outcome.WELL);
  }

  private HealthCourse course(
      CollectionContext context, Animal animal, String id, LocalDate began, int days) {
    HealthCourse course =
        log.begin(
            context,
            animal.id(),
            HealthTables.bundled().course(id).orElseThrow(),
            began,
            UUID.randomUUID());
    for (int day = 0; day < days; day++) {
      log.done(context, course.id(), began.plusDays(day), "", UUID.randomUUID());
    }
    return course;
  }
}
