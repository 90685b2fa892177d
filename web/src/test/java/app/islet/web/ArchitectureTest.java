package app.islet.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Instant;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final JavaClasses WEB =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.islet.web");

  @Test
  void only_the_clock_bean_asks_the_machine_for_the_time() {
    noClasses()
        .should()
        .callMethod(Instant.class, "now")
        .orShould()
        .callMethod(LocalDate.class, "now")
        .check(WEB);
  }

  @Test
  void drawing_and_support_serve_all_features_and_know_none() {
    noClasses()
        .that()
        .resideInAnyPackage("..drawing..", "..web.support..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "..web.enclosure..",
            "..web.buildsheet..",
            "..web.rounds..",
            "..web.overview..",
            "..web.collection..",
            "..web.account..")
        .check(WEB);
  }

  @Test
  void features_do_not_run_in_circles() {
    slices()
        .matching(
            "app.islet.web.(enclosure|climate|light|water|waterlog|buildsheet|rounds|overview|calculator|care|api)..")
        .should()
        .beFreeOfCycles()
        .check(WEB);
  }
}
