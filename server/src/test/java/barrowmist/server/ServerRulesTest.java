package barrowmist.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.properties.CanBeAnnotated.Predicates.annotatedWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaType;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import jakarta.persistence.Entity;
import java.util.ArrayList;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

/** The import lines of the server. */
@AnalyzeClasses(packages = "barrowmist.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerRulesTest {

    /** In working order; each may use those before it. */
    private static final List<String> ROOMS = List.of(
            "web",
            "access",
            "people",
            "settings",
            "notice",
            "disk",
            "paper",
            "green",
            "machine",
            "roast",
            "sample",
            "plan",
            "day",
            "device",
            "desk",
            "rest",
            "cupping",
            "trace",
            "proof",
            "past",
            "store",
            "decision",
            "batch",
            "report",
            "blend",
            "supplier",
            "correct",
            "question",
            "label",
            "today",
            "demo");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("barrowmist.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static void aRoomUsesEarlierOnesOnly(JavaClasses classes) {
        for (int i = 0; i < ROOMS.size() - 1; i++) {
            String[] later = ROOMS.subList(i + 1, ROOMS.size()).stream()
                    .map(r -> "barrowmist.server." + r + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("barrowmist.server." + ROOMS.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(classes);
        }
    }

    @ArchTest
    static void everyRoomHasItsPlaceInTheOrder(JavaClasses classes) {
        String[] known =
                ROOMS.stream().map(r -> "barrowmist.server." + r + "..").toArray(String[]::new);
        classes()
                .should()
                .resideInAnyPackage(concat(known, "barrowmist.server"))
                .check(classes);
    }

    private static String[] concat(String[] some, String one) {
        List<String> all = new ArrayList<>(List.of(some));
        all.add(one);
        return all.toArray(String[]::new);
    }

    @ArchTest
    static final ArchRule ENTITIES_STAY_INSIDE = methods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .should(new ArchCondition<>("neither take nor give an entity, not even within a list") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    List<JavaType> types = new ArrayList<>(method.getParameterTypes());
                    types.add(method.getReturnType());
                    types.stream()
                            .flatMap(t -> t.getAllInvolvedRawTypes().stream())
                            .filter(c -> c.isAnnotatedWith(Entity.class))
                            .forEach(c -> events.add(SimpleConditionEvent.violated(
                                    method, method.getFullName() + " hands " + c.getSimpleName() + " out")));
                }
            });

    @ArchTest
    static final ArchRule VIEWS_HOLD_NO_ENTITY = classes()
            .that(annotatedWith(Entity.class).negate().and(JavaClass.Predicates.assignableTo(Record.class)))
            .and()
            .haveSimpleNameEndingWith("View")
            .should()
            .onlyDependOnClassesThat(
                    resideInAnyPackage("java..", "barrowmist..", "io.swagger..", "org.jspecify..", "com.fasterxml.."));

    @ArchTest
    static final ArchRule CONTROLLERS_OPEN_NO_TRANSACTIONS = methods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .should()
            .notBeAnnotatedWith(Transactional.class);

    @ArchTest
    static final ArchRule NOTHING_LEANS_ON_THE_DEMO = noClasses()
            .that()
            .resideOutsideOfPackage("..demo..")
            .should()
            .dependOnClassesThat(resideInAPackage("barrowmist.server.demo.."));
}
