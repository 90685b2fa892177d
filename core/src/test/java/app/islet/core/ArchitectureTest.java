package app.islet.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The wall around the core, and the one direction inside it. */
class ArchitectureTest {
  /** A package may use those before it, never one after. */
  private static final List<String> ORDER =
      List.of(
          "quantity",
          "text",
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

  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.islet.core");

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
        .check(CORE);
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
        .check(CORE);
  }

  @TestFactory
  List<DynamicTest> arrows_point_one_way() {
    return IntStream.range(0, ORDER.size() - 1)
        .mapToObj(
            i ->
                DynamicTest.dynamicTest(
                    ORDER.get(i) + " uses nothing below it",
                    () ->
                        noClasses()
                            .that()
                            .resideInAPackage("app.islet.core." + ORDER.get(i) + "..")
                            .should()
                            .dependOnClassesThat()
                            .resideInAnyPackage(
                                ORDER.subList(i + 1, ORDER.size()).stream()
                                    .map(p -> "app.islet.core." + p + "..")
                                    .toArray(String[]::new))
                            .check(CORE)))
        .toList();
  }
}
