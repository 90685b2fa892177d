package app.islet.core;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The wall around the core, and the one direction inside it. */
class ArchitectureTest {
  private static final String CORE = "app.islet.core";

  /** A package may use those before it, never one after. */
  private static final List<String> ORDER =
      List.of(
          "quantity",
          "text",
          "field",
          "care",
          "enclosure",
          "feeding",
          "animal",
          "geometry",
          "climate",
          "light",
          "water",
          "situation",
          "review",
          "plan",
          "livestock",
          "rearing",
          "health",
          "build",
          "proposal",
          "calculator",
          "document");

  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages(CORE);

  @Test
  void core_knows_no_framework_and_no_screen() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "jakarta..",
            "javax.servlet..",
            "org.thymeleaf..",
            "org.hibernate..",
            "java.sql..",
            "app.islet.web..",
            "app.islet.cli..")
        .check(CLASSES);
  }

  @Test
  void core_has_no_clock_of_its_own() {
    noClasses()
        .should()
        .callMethod(Instant.class, "now")
        .orShould()
        .callMethod(LocalDate.class, "now")
        .orShould()
        .callMethod(LocalDateTime.class, "now")
        .orShould()
        .callMethod(ZonedDateTime.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .check(CLASSES);
  }

  @Test
  void animals_are_put_together_in_one_place() {
    noClasses()
        .that()
        .resideOutsideOfPackages(CORE + ".animal..", CORE + ".document..")
        .should()
        .callConstructorWhere(target(owner(type(Resident.class))))
        .check(CLASSES);
  }

  @Test
  void every_package_has_its_place_in_the_order() {
    assertThat(
            CLASSES.stream()
                .map(ArchitectureTest::room)
                .filter(room -> !room.isEmpty())
                .collect(Collectors.toSet()))
        .containsExactlyInAnyOrderElementsOf(ORDER);
  }

  @Test
  void arrows_point_one_way() {
    classes()
        .should(
            new ArchCondition<>("use only packages before their own") {
              @Override
              public void check(JavaClass user, ConditionEvents events) {
                user.getDirectDependenciesFromSelf().stream()
                    .filter(use -> use.getTargetClass().getPackageName().startsWith(CORE))
                    .filter(use -> place(use.getTargetClass()) > place(user))
                    .forEach(
                        use ->
                            events.add(SimpleConditionEvent.violated(use, use.getDescription())));
              }
            })
        .check(CLASSES);
  }

  /** The front door stands before the documents alone. */
  private static int place(JavaClass c) {
    return room(c).isEmpty() ? 2 * ORDER.indexOf("document") - 1 : 2 * ORDER.indexOf(room(c));
  }

  private static String room(JavaClass c) {
    String name = c.getPackageName();
    return name.equals(CORE) ? "" : name.substring(CORE.length() + 1).replaceAll("[.].*", "");
  }
}
