package org.nestrinse.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
    packages = "org.nestrinse.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule DEPENDS_ON_THE_JDK_ALONE =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("org.nestrinse.core..", "java..", "org.jspecify.annotations..");

  @ArchTest
  static final ArchRule NO_CYCLES =
      slices().matching("org.nestrinse.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule NO_CYCLES_WITHIN_WASH =
      slices().matching("org.nestrinse.core.wash.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule THE_WHOLE_HOUSEHOLD_STANDS_ON_TOP =
      noClasses()
          .that()
          .resideOutsideOfPackage("org.nestrinse.core.household..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.nestrinse.core.household..");
}
