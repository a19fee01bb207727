package barrowmist.server;

import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.web.bind.annotation.RestController;

/** The import lines of the server. */
@AnalyzeClasses(packages = "barrowmist.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerRulesTest {

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("barrowmist.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ENTITIES_STAY_INSIDE = noMethods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .should()
            .haveRawReturnType(annotatedWith(Entity.class));

    @ArchTest
    static final ArchRule NOTHING_LEANS_ON_THE_DEMO = noClasses()
            .that()
            .resideOutsideOfPackage("..demo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("barrowmist.server.demo..");
}
