package app.islet.web.page.health;

import app.islet.core.health.Course;
import app.islet.core.health.CourseResults;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the past teaches: the same course over animals, and where illness clusters. */
@Controller
@RequestMapping("/c/{collection}/health/lessons")
class LessonsController {
  private final HealthLog log;
  private final Clusters clusters;
  private final HealthTableStore tables;

  LessonsController(HealthLog log, Clusters clusters, HealthTableStore tables) {
    this.tables = tables;
    this.log = log;
    this.clusters = clusters;
  }

  /** One procedure, worded. */
  record Row(String course, int running, int ended, int stopped, String days, String usual) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    List<HealthLog.Running> all = log.courses(context);
    model.addAttribute(
        "courses",
        tables.tables(context).courses().stream()
            .map(course -> CourseResults.of(course, runs(all, course)))
            .filter(r -> r.running() + r.ended() + r.stopped() > 0)
            .map(r -> row(r, context.units()))
            .toList());
    model.addAttribute("tables", clusters.of(context, log.cases(context)));
    return "health/lessons";
  }

  private static List<CourseResults.Run> runs(List<HealthLog.Running> all, Course course) {
    return all.stream()
        .filter(c -> c.run().course().equals(course))
        .map(
            c ->
                new CourseResults.Run(
                    c.record().beganOn(), c.record().endedOn(), c.record().ending()))
        .toList();
  }

  private static Row row(CourseResults r, Units u) {
    String days =
        r.middleDays()
            .map(
                middle ->
                    r.days().size() == 1
                        ? English.count(r.days().get(0), "day")
                        : Messages.text(
                            "health.days-taken",
                            r.days().get(0),
                            r.days().get(r.days().size() - 1),
                            u.figure(middle)))
            .orElse("");
    return new Row(
        r.course().name(),
        r.running(),
        r.ended(),
        r.stopped(),
        days,
        Messages.text(
            "health.days-usual",
            (int) r.course().pace().usualDays().min(),
            (int) r.course().pace().usualDays().max()));
  }
}
