package lumko.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "lumko.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreIsPlainJava = classes()
            // reads the published weights that ship with the core
            .that()
            .doNotHaveFullyQualifiedName("lumko.core.colour.WeightTable")
            .should()
            .onlyDependOnClassesThat(resideInAnyPackage(
                    "lumko.core..", "java.lang..", "java.util..", "java.time..", "java.math..", "org.jspecify.."));

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

    @ArchTest
    static final ArchRule valuesDoNotKnowTheirRules = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("quantity")
            .definedBy("..quantity..")
            .layer("wall")
            .definedBy("..wall..")
            .layer("fault")
            .definedBy("..fault..")
            .layer("repair")
            .definedBy("..repair..")
            .layer("work")
            .definedBy("..work..")
            .layer("judge")
            .definedBy("..judge..")
            .whereLayer("judge")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("work")
            .mayOnlyBeAccessedByLayers("judge")
            .whereLayer("repair")
            .mayOnlyBeAccessedByLayers("work", "judge")
            .whereLayer("fault")
            .mayOnlyBeAccessedByLayers("repair", "work", "judge");
}
