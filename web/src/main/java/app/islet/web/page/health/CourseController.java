package app.islet.web.page.health;

import app.islet.core.health.Course;
import app.islet.core.health.CourseResults;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.health.CourseEntry;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Courses: begun, ticked day by day, ended. */
@Controller
@RequestMapping("/c/{collection}/health/courses")
class CourseController {
  private final HealthLog log;
  private final HealthTableStore tables;

  CourseController(HealthLog log, HealthTableStore tables) {
    this.tables = tables;
    this.log = log;
  }

  @PostMapping
  String begin(CollectionContext context, Form form, Reply reply) {
    context.require(Role.KEEPER);
    long animal = form.id("animal");
    Optional<Course> course = tables.tables(context).course(form.typed("course"));
    if (course.isEmpty()) {
      throw new RefusedException(Messages.text("health.choose-course"));
    }
    log.begin(context, animal, course.get(), context.today(), form.clientId());
    return reply.saved(
        Messages.text("health.course-begun", course.get().name()), context.path("/health"));
  }

  @PostMapping("/{id}/done")
  String done(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    CourseEntry entry = log.done(context, id, context.today(), form.note("note"), form.clientId());
    boolean mine = entry.clientId().equals(form.clientId());
    return mine
        ? reply.saved(Messages.text("health.course-ticked"), context.path("/health"))
        : reply.already(Messages.text("health.course-done-already"), context.path("/health"));
  }

  @PostMapping("/{id}/undo")
  String undo(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    log.undo(context, id, context.today(), form.clientId());
    return reply.saved(Messages.text("health.course-undone"), context.path("/health"));
  }

  @PostMapping("/{id}/end")
  String endCourse(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    CourseResults.Ending by =
        form.choice("ending", CourseResults.Ending.class, CourseResults.Ending.SIGN);
    log.end(context, id, context.today(), by, form.note("result"));
    return reply.saved(Messages.text("health.course-ended"), context.path("/health"));
  }
}
