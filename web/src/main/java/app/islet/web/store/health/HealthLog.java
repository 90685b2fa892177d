package app.islet.web.store.health;

import app.islet.core.care.CareLibrary;
import app.islet.core.health.Course;
import app.islet.core.health.CourseResults;
import app.islet.core.health.CourseRun;
import app.islet.core.health.HealthTables;
import app.islet.core.quantity.Range;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.care.CareSheetStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cases and courses of a collection. Helpers see, report and tick; keepers begin and end. */
@Service
public class HealthLog {
  private final HealthCaseRepository cases;
  private final HealthCourseRepository courses;
  private final CourseEntryRepository entries;
  private final Animals animals;
  private final CareSheetStore sheets;
  private final CollectionStore collections;
  private final Clock clock;
  private final HealthTableStore tables;

  HealthLog(
      HealthCaseRepository cases,
      HealthCourseRepository courses,
      CourseEntryRepository entries,
      Animals animals,
      CareSheetStore sheets,
      CollectionStore collections,
      Clock clock,
      HealthTableStore tables) {
    this.tables = tables;
    this.cases = cases;
    this.courses = courses;
    this.entries = entries;
    this.animals = animals;
    this.sheets = sheets;
    this.collections = collections;
    this.clock = clock;
  }

  /** A course with how far it has come; those of procedures no table knows are left out. */
  public record Running(HealthCourse record, CourseRun run, List<CourseEntry> done) {}

  /** All of a collection, the newest first. */
  @Transactional(readOnly = true)
  public List<HealthCase> cases(CollectionContext context) {
    return cases.findByCollectionIdOrderByIdDesc(context.collectionId());
  }

  @Transactional(readOnly = true)
  public HealthCase get(CollectionContext context, long id) {
    return cases
        .findByIdAndCollectionId(id, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no case " + id));
  }

  /** What is open of some animals, by their numbers. */
  @Transactional(readOnly = true)
  public Open open(CollectionContext context, Collection<Animal> some) {
    List<Long> ids = some.stream().map(Animal::id).toList();
    return new Open(
        cases.findByAnimalIdInAndEndedOnIsNullOrderById(ids).stream()
            .collect(Collectors.groupingBy(HealthCase::animalId)),
        running(context, courses.findByAnimalIdInAndEndedOnIsNullOrderById(ids), some).stream()
            .collect(Collectors.groupingBy(running -> running.record().animalId())));
  }

  /** Cases and courses that are not over, by the numbers of the animals. */
  public record Open(Map<Long, List<HealthCase>> cases, Map<Long, List<Running>> courses) {}

  /** All courses, those that are over too, in the order they were begun. */
  @Transactional(readOnly = true)
  public List<Running> courses(CollectionContext context) {
    List<HealthCourse> all = courses.findByCollectionIdOrderById(context.collectionId());
    return all.isEmpty() ? List.of() : running(context, all, animals.all(context));
  }

  private List<Running> running(
      CollectionContext context, List<HealthCourse> all, Collection<Animal> some) {
    if (all.isEmpty()) {
      return List.of();
    }
    Map<Long, List<CourseEntry>> done =
        entries.valid(all.stream().map(HealthCourse::id).toList()).stream()
            .collect(Collectors.groupingBy(CourseEntry::courseId));
    Map<String, List<LocalDate>> onRounds =
        entries.onRounds(all.stream().map(c -> CourseRun.KEY + c.id()).toList()).stream()
            .collect(
                Collectors.groupingBy(
                    CourseEntryRepository.OnRounds::getKey,
                    Collectors.mapping(
                        CourseEntryRepository.OnRounds::getDay, Collectors.toList())));
    Map<Long, Animal> known =
        some.stream().collect(Collectors.toMap(Animal::id, Function.identity()));
    CareLibrary library = sheets.library(context);
    HealthTables procedures = tables.tables(context);
    return all.stream()
        .flatMap(
            record ->
                procedures
                    .course(record.course())
                    .or(() -> HealthTables.bundled().course(record.course()))
                    .stream()
                    .map(
                        course ->
                            running(
                                record,
                                course,
                                usualDays(
                                    procedures, library, course, known.get(record.animalId())),
                                done.getOrDefault(record.id(), List.of()),
                                onRounds.getOrDefault(CourseRun.KEY + record.id(), List.of()))))
        .toList();
  }

  private static Range usualDays(
      HealthTables tables, CareLibrary library, Course course, @Nullable Animal animal) {
    return Optional.ofNullable(animal)
        .flatMap(a -> library.find(a.species()))
        .map(
            sheet ->
                course.usualDays(
                    tables.arrival(sheet), Optional.ofNullable(animal.background().origin())))
        .orElse(course.pace().usualDays());
  }

  /** Courses that are to be done today and are not, of animals that no stop of the rounds has. */
  @Transactional(readOnly = true)
  public long dueElsewhere(CollectionContext context, Set<Long> onRounds) {
    LocalDate today = context.today();
    return courses(context).stream()
        .filter(c -> c.record().endedOn().isEmpty() && c.run().isDue(today))
        .filter(c -> !onRounds.contains(c.record().animalId()))
        .count();
  }

  private static Running running(
      HealthCourse record,
      Course course,
      Range usualDays,
      List<CourseEntry> done,
      List<LocalDate> onRounds) {
    return new Running(
        record,
        CourseRun.of(
            course,
            usualDays,
            record.beganOn(),
            Stream.concat(done.stream().map(CourseEntry::day), onRounds.stream()).toList()),
        done);
  }

  /** Reports what was seen of an animal, once however often it is sent. */
  @Transactional
  public HealthCase report(
      CollectionContext context, long animalId, HealthCase.Seen seen, UUID clientId) {
    context.require(Role.HELPER);
    collections.lock(context);
    animals.get(context, animalId);
    return cases
        .findByClientId(clientId)
        .orElseGet(
            () ->
                cases.saveAndFlush(
                    new HealthCase(
                        context.collectionId(), animalId, seen, clientId, context.person().id())));
  }

  @Transactional
  public void end(
      CollectionContext context, long caseId, LocalDate day, HealthCase.Outcome outcome) {
    context.require(Role.KEEPER);
    cases.saveAndFlush(get(context, caseId).end(day, outcome));
  }

  @Transactional
  public void reopen(CollectionContext context, long caseId) {
    context.require(Role.KEEPER);
    cases.saveAndFlush(get(context, caseId).reopen());
  }

  /** Begins a course, once however often it is sent. */
  @Transactional
  public HealthCourse begin(
      CollectionContext context, long animalId, Course course, LocalDate day, UUID clientId) {
    context.require(Role.KEEPER);
    collections.lock(context);
    animals.get(context, animalId);
    return courses
        .findByClientId(clientId)
        .orElseGet(
            () ->
                courses.saveAndFlush(
                    new HealthCourse(
                        context.collectionId(), animalId, course.id(), day, clientId)));
  }

  /**
   * Notes that it was done on a day, once however many say so.
   *
   * @return the entry of the day: this one, or whose was first
   */
  @Transactional
  public CourseEntry done(
      CollectionContext context, long courseId, LocalDate day, String note, UUID clientId) {
    context.require(Role.HELPER);
    lock(context, courseId);
    Optional<CourseEntry> sent = entries.findByClientId(clientId);
    return sent.or(() -> entries.on(courseId, day).stream().findFirst())
        .orElseGet(
            () ->
                entries.saveAndFlush(
                    new CourseEntry(courseId, day, note, context.stamp(clock, clientId), null)));
  }

  /** Takes the entry of a day back; twice is harmless. */
  @Transactional
  public void undo(CollectionContext context, long courseId, LocalDate day, UUID clientId) {
    context.require(Role.HELPER);
    lock(context, courseId);
    entries
        .on(courseId, day)
        .forEach(
            e ->
                entries.voidOnce(
                    e.id(),
                    () ->
                        new CourseEntry(
                            courseId, day, e.note(), context.stamp(clock, clientId), e.id())));
  }

  @Transactional
  public void end(
      CollectionContext context,
      long courseId,
      LocalDate day,
      CourseResults.Ending by,
      String result) {
    context.require(Role.KEEPER);
    courses.saveAndFlush(lock(context, courseId).end(day, by, result));
  }

  private HealthCourse lock(CollectionContext context, long courseId) {
    return courses
        .lock(courseId, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no course " + courseId));
  }
}
