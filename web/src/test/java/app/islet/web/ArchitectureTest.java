package app.islet.web;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The wings of the web module, their rooms, and which may use which. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchitectureTest {
  private static final String WEB = "app.islet.web";

  /**
   * Floors, as wing and room. A room may use those of the floors before its own, none of its own
   * floor and none after it: so no page uses a page, and nobody uses what operates all.
   */
  private static final List<List<String>> FLOORS =
      List.of(
          List.of("base.support", "base.log", "base.backup", "base.delivery"),
          List.of("base.drawing", "base.finding", "base.figure"),
          List.of("people.account"),
          List.of("people.collection"),
          List.of("store.care", "store.enclosure"),
          List.of(
              "store.animal",
              "store.water",
              "store.tasks",
              "store.build",
              "store.feeds",
              "store.stock"),
          List.of("store.rearing", "store.health"),
          List.of("reading.snapshot"),
          List.of("reading.summary", "reading.archive"),
          List.of(
              "page.people.setup",
              "page.people.members",
              "page.design.room",
              "page.design.build",
              "page.design.climate",
              "page.design.light",
              "page.design.water",
              "page.design.review",
              "page.design.sheet",
              "page.design.proposal",
              "page.design.exchange",
              "page.work.today",
              "page.work.rounds",
              "page.work.plan",
              "page.work.weeks",
              "page.work.kitchen",
              "page.work.calendar",
              "page.animals",
              "page.rearing",
              "page.health",
              "page.care",
              "page.calculators"),
          List.of("ops.api", "ops.offline", "ops.reminders"),
          List.of("ops.demo"));

  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages(WEB);

  private static String room(JavaClass c) {
    String name = c.getPackageName();
    return name.equals(WEB) ? "" : name.substring(WEB.length() + 1);
  }

  private static int floor(String room) {
    for (int i = 0; i < FLOORS.size(); i++) {
      if (FLOORS.get(i).contains(room)) {
        return i;
      }
    }
    return FLOORS.size();
  }

  @Test
  void every_room_has_its_floor() {
    assertThat(
            CLASSES.stream()
                .map(ArchitectureTest::room)
                .filter(room -> !room.isEmpty())
                .collect(Collectors.toSet()))
        .containsExactlyInAnyOrderElementsOf(FLOORS.stream().flatMap(List::stream).toList());
  }

  @Test
  void a_room_uses_only_the_floors_before_its_own() {
    classes()
        .should(
            new ArchCondition<>("use only the floors before their own") {
              @Override
              public void check(JavaClass user, ConditionEvents events) {
                String own = room(user);
                user.getDirectDependenciesFromSelf().stream()
                    .filter(use -> use.getTargetClass().getPackageName().startsWith(WEB))
                    .filter(use -> !room(use.getTargetClass()).equals(own))
                    .filter(use -> floor(room(use.getTargetClass())) >= floor(own))
                    .forEach(
                        use ->
                            events.add(SimpleConditionEvent.violated(use, use.getDescription())));
              }
            })
        .check(CLASSES);
  }

  @Test
  void a_store_knows_no_drawing_no_page_and_no_request() {
    noClasses()
        .that()
        .resideInAnyPackage(
            WEB + ".store..", WEB + ".people..", WEB + ".reading.snapshot..", WEB + ".base.log..")
        .and(areNoControllers())
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            WEB + ".base.drawing..",
            WEB + ".base.finding..",
            WEB + ".base.figure..",
            "org.springframework.ui..",
            "org.thymeleaf..")
        .check(CLASSES);
  }

  private static DescribedPredicate<JavaClass> areNoControllers() {
    return DescribedPredicate.describe(
        "are no controllers, nor what serves them",
        c -> !c.getSimpleName().matches(".*(Controller|Advice|Resolver|Configuration).*"));
  }

  @Test
  void animals_are_put_together_in_one_place() {
    noClasses().should().callConstructorWhere(target(owner(type(Resident.class)))).check(CLASSES);
  }

  @Test
  void nobody_touches_another_rooms_repository() {
    classes()
        .that()
        .haveSimpleNameEndingWith("Repository")
        .and()
        .resideOutsideOfPackage(WEB + ".base.log")
        .should()
        .notHaveModifier(JavaModifier.PUBLIC)
        .check(CLASSES);
  }

  @Test
  void only_the_clock_bean_asks_the_machine_for_the_time() {
    // Spring Session goes by the machine's own clock, and nothing of a visit by another.
    noClasses()
        .that()
        .doNotHaveSimpleName("Visits")
        .should()
        .callMethod(Instant.class, "now")
        .orShould()
        .callMethod(LocalDate.class, "now")
        .check(CLASSES);
  }
}
