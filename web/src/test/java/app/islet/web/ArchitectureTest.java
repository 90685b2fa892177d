package app.islet.web;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.conditions.ArchConditions.onlyBeAccessedByClassesThat;
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
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The rooms of the web module, and which may use which. A package that is in no row fails. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchitectureTest {
  private static final String WEB = "app.islet.web";

  /** Each floor may use those above it in this list, never one below. */
  private static final List<List<String>> FLOORS =
      List.of(
          List.of("support", "log", "backup", "delivery"),
          List.of("drawing", "finding", "figure"),
          List.of("account"),
          List.of("collection"),
          List.of("care", "enclosure"),
          List.of("animal", "waterlog", "tasklog", "buildlog", "feed", "larder"),
          List.of("rearing", "healthlog"),
          List.of("snapshot"),
          List.of("summary", "archive"),
          List.of(
              "setup",
              "overview",
              "proposal",
              "rounds",
              "plan",
              "animals",
              "residents",
              "growth",
              "room",
              "design",
              "review",
              "climate",
              "light",
              "water",
              "buildsheet",
              "exchange",
              "caresheet",
              "calculator",
              "members",
              "calendar",
              "offline",
              "weeks",
              "kitchen",
              "batches",
              "health",
              "api"),
          List.of("demo"));

  private static final List<String> STORES =
      List.of(
          "log",
          "account",
          "collection",
          "care",
          "enclosure",
          "animal",
          "waterlog",
          "tasklog",
          "buildlog",
          "feed",
          "larder",
          "rearing",
          "healthlog",
          "snapshot");

  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages(WEB);

  private static String[] in(List<String> rooms) {
    return rooms.stream().map(room -> WEB + "." + room + "..").toArray(String[]::new);
  }

  private static Stream<String> below(int floor) {
    return FLOORS.subList(floor + 1, FLOORS.size()).stream().flatMap(List::stream);
  }

  @Test
  void animals_are_put_together_in_one_place() {
    noClasses()
        .that()
        .resideOutsideOfPackages("app.islet.core..")
        .should()
        .callConstructorWhere(target(owner(type(Resident.class))))
        .check(CLASSES);
  }

  @Test
  void every_package_has_its_floor() {
    Set<String> rooms =
        CLASSES.stream()
            .map(JavaClass::getPackageName)
            .filter(name -> !name.equals(WEB))
            .map(name -> name.substring(WEB.length() + 1).replaceAll("[.].*", ""))
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(FLOORS.stream().flatMap(List::stream)).containsExactlyInAnyOrderElementsOf(rooms);
  }

  @TestFactory
  List<DynamicTest> nobody_uses_a_floor_below() {
    List<DynamicTest> tests = new ArrayList<>();
    for (int i = 0; i < FLOORS.size() - 1; i++) {
      List<String> floor = FLOORS.get(i);
      List<String> below = below(i).toList();
      tests.add(
          DynamicTest.dynamicTest(
              floor + " use nothing below them",
              () ->
                  noClasses()
                      .that()
                      .resideInAnyPackage(in(floor))
                      .should()
                      .dependOnClassesThat()
                      .resideInAnyPackage(in(below))
                      .check(CLASSES)));
    }
    return tests;
  }

  @TestFactory
  Stream<DynamicTest> rooms_of_one_floor_do_not_use_each_other() {
    return FLOORS.stream()
        .flatMap(
            floor ->
                floor.stream()
                    .map(
                        room ->
                            DynamicTest.dynamicTest(
                                room + " uses none beside it",
                                () ->
                                    noClasses()
                                        .that()
                                        .resideInAnyPackage(in(List.of(room)))
                                        .should()
                                        .dependOnClassesThat()
                                        .resideInAnyPackage(
                                            in(
                                                floor.stream()
                                                    .filter(other -> !other.equals(room))
                                                    .toList()))
                                        .allowEmptyShould(true)
                                        .check(CLASSES))));
  }

  @Test
  void a_store_knows_no_drawing_no_page_and_no_request() {
    noClasses()
        .that()
        .resideInAnyPackage(in(STORES))
        .and(areNoControllers())
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            WEB + ".drawing..",
            WEB + ".finding..",
            WEB + ".figure..",
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
  void nobody_touches_another_rooms_repository() {
    classes()
        .that()
        .haveSimpleNameEndingWith("Repository")
        .and()
        .resideOutsideOfPackage(WEB + ".log")
        .should()
        .notHaveModifier(JavaModifier.PUBLIC)
        .check(CLASSES);
  }

  @Test
  void only_the_demo_uses_the_demo() {
    classes()
        .that()
        .resideInAPackage(WEB + ".demo..")
        .should(
            onlyBeAccessedByClassesThat(
                DescribedPredicate.describe(
                    "are of the demo", c -> c.getPackageName().startsWith(WEB + ".demo"))))
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
