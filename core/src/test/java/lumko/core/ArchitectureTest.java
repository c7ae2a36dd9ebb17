package lumko.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Map;
import java.util.Set;

@AnalyzeClasses(packages = "lumko.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreIsPlainJava = classes()
            // reads the published weights that ship with the core
            .that()
            .doNotHaveFullyQualifiedName("lumko.core.colour.WeightTable")
            .should()
            .onlyDependOnClassesThat(resideInAnyPackage(
                    "lumko.core..",
                    "java.lang..",
                    "java.util..",
                    "java.time..",
                    "java.math..",
                    "org.jspecify..",
                    "org.ejml..",
                    "org.apache.commons.numbers..",
                    "org.apache.commons.statistics.."));

    @ArchTest
    static final ArchRule coreDoesNotReadTheClock = noClasses()
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule packagesFormNoCircle =
            slices().matching("lumko.core.(*)..").should().beFreeOfCycles();

    /** Each room of the core and the rooms it may know; what is not named here it may not. */
    private static final Map<String, Set<String>> MAY_KNOW = Map.ofEntries(
            room("quantity"),
            room("plan"),
            room("practice"),
            room("geometry", "quantity"),
            room("colour", "quantity"),
            room("figure", "quantity"),
            room("paint", "quantity"),
            room("fault", "quantity"),
            room("stock", "quantity"),
            room("outcome", "quantity"),
            room("turnover", "activity", "drying", "figure", "plan", "quantity", "schedule"),
            room("drying", "figure", "quantity"),
            room("record", "colour", "paint", "quantity"),
            room("film", "colour", "geometry", "paint", "quantity", "record"),
            room("visibility", "colour", "film", "quantity"),
            room("hold", "figure", "paint", "record"),
            room("activity", "drying", "figure", "quantity", "record"),
            room("repair", "activity", "drying", "fault", "figure", "geometry", "practice", "quantity", "record"),
            // activities and drying only
            room("schedule", "activity", "drying", "figure", "quantity"),
            room(
                    "job",
                    "activity",
                    "colour",
                    "drying",
                    "fault",
                    "figure",
                    "film",
                    "geometry",
                    "hold",
                    "paint",
                    "practice",
                    "quantity",
                    "record",
                    "repair"),
            room(
                    "judge",
                    "activity",
                    "colour",
                    "drying",
                    "fault",
                    "figure",
                    "film",
                    "geometry",
                    "job",
                    "outcome",
                    "paint",
                    "practice",
                    "quantity",
                    "record",
                    "repair",
                    "schedule",
                    "visibility"));

    private static Map.Entry<String, Set<String>> room(String name, String... known) {
        return Map.entry(name, Set.of(known));
    }

    @ArchTest
    static void eachRoomKnowsOnlyTheRoomsBelowIt(JavaClasses core) {
        for (JavaClass one : core) {
            String room = roomOf(one);
            assertThat(MAY_KNOW).containsKey(room);
            one.getDirectDependenciesFromSelf().stream()
                    .map(Dependency::getTargetClass)
                    .filter(other -> other.getPackageName().startsWith("lumko.core."))
                    .map(ArchitectureTest::roomOf)
                    .filter(other -> !other.equals(room))
                    .forEach(other -> assertThat(MAY_KNOW.get(room))
                            .describedAs(one.getName())
                            .contains(other));
        }
    }

    private static String roomOf(JavaClass one) {
        return one.getPackageName().substring("lumko.core.".length());
    }
}
