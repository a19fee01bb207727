package barrowmist.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The import lines of the core: plain Java, and a station uses earlier ones only. */
@AnalyzeClasses(packages = "barrowmist.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreRulesTest {

    @ArchTest
    static final ArchRule PLAIN_JAVA = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("barrowmist.core..", "java..", "org.hipparchus..", "org.apache.commons.csv..");

    @ArchTest
    static final ArchRule NO_CLOCK_OF_ITS_OWN = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("barrowmist.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ROAST_DOES_NOT_KNOW_LATER_STATIONS = noClasses()
            .that()
            .resideInAnyPackage("..green..", "..roast..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..plan..", "..device..", "..sample..", "..rest..", "..cupping..", "..trace..");

    @ArchTest
    static final ArchRule NOBODY_LEANS_ON_A_STAND_IN = noClasses()
            .that()
            .resideOutsideOfPackage("..device..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..device..");

    @ArchTest
    static final ArchRule BENCH_AND_CUP_DO_NOT_KNOW_TRACE = noClasses()
            .that()
            .resideInAnyPackage("..sample..", "..cupping..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..trace..");
}
