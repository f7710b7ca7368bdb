package org.nestrinse.app;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(
    packages = "org.nestrinse.app",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule FEATURES_HAVE_NO_CYCLES =
      slices().matching("org.nestrinse.app.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule ENTITIES_STAY_IN_THEIR_FEATURE =
      classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();

  @ArchTest
  static final ArchRule REPOSITORIES_STAY_IN_THEIR_FEATURE =
      classes().that().areAssignableTo(Repository.class).should().bePackagePrivate();

  @ArchTest
  static final ArchRule CONTROLLERS_ARE_NOBODYS_BUSINESS =
      classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();

  @ArchTest
  static final ArchRule NOBODY_ASKS_FOR_NOW_BARE =
      noClasses()
          .that(
              resideInAPackage("org.nestrinse.app..")
                  .and(
                      com.tngtech.archunit.base.DescribedPredicate.not(
                          resideInAPackage("org.nestrinse.app.demo.."))))
          .should()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(ZonedDateTime.class, "now")
          .orShould()
          .callMethod(Clock.class, "systemUTC");

  @ArchTest
  static final ArchRule THE_DEMO_IS_USED_BY_NOBODY =
      noClasses()
          .that()
          .resideOutsideOfPackage("org.nestrinse.app.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.nestrinse.app.demo..");

  @ArchTest
  static final ArchRule NO_CYCLES_WITHIN_KIT =
      slices().matching("org.nestrinse.app.kit.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule NO_CYCLES_WITHIN_WASH =
      slices().matching("org.nestrinse.app.wash.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule NO_CYCLES_WITHIN_GATHER =
      slices().matching("org.nestrinse.app.gather.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule TIME_TRAVEL_IS_THE_DEMOS_OWN =
      noClasses()
          .that()
          .resideOutsideOfPackage("org.nestrinse.app.demo..")
          .should()
          .dependOnClassesThat()
          .haveSimpleName("TravellingClock");
}
