package barrowmist.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;

/** The import lines of the core: plain Java, and a station uses earlier ones only. */
@AnalyzeClasses(packages = "barrowmist.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreRulesTest {

    @ArchTest
    static final ArchRule PLAIN_JAVA = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "barrowmist.core..",
                    "java..",
                    "org.hipparchus..",
                    "org.jspecify..",
                    "org.apache.commons.csv..",
                    "org.mozilla.universalchardet..");

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

    /** In working order; each may use those before it. */
    private static final List<String> ROOMS = List.of(
            "check",
            "units",
            "green",
            "roast",
            "machine",
            "plan",
            "day",
            "desk",
            "sample",
            "rest",
            "cupping",
            "trace",
            "decision");

    @ArchTest
    static void aRoomUsesEarlierOnesOnly(JavaClasses classes) {
        for (int i = 0; i < ROOMS.size() - 1; i++) {
            String[] later = ROOMS.subList(i + 1, ROOMS.size()).stream()
                    .map(r -> "barrowmist.core." + r + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("barrowmist.core." + ROOMS.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(classes);
        }
    }

    @ArchTest
    static final ArchRule NOBODY_LEANS_ON_A_STAND_IN = noClasses()
            .that()
            .resideOutsideOfPackage("..device..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..device..");
}
