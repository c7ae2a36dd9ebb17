package lumko.app;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructor;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.stream.Stream;
import lumko.app.platform.OwnedRow;
import org.junit.jupiter.api.Test;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.modulith.core.ApplicationModules;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;

class ArchitectureTest {
    private static final int DOZEN = 12;

    /** What a build makes of what is written, to start from, follows no rules of ours. */
    private static final ImportOption WRITTEN = place -> !place.contains("__") && !place.contains("$$");

    private static final JavaClasses APPLICATION =
            new ClassFileImporter(List.of(new ImportOption.DoNotIncludeTests(), WRITTEN)).importPackages("lumko.app");

    @Test
    void featuresDoNotReachIntoEachOthersInsides() {
        ApplicationModules.of(LumkoApplication.class).verify();
    }

    @Test
    void everyEntityBelongsToAnOrganisation() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .beAssignableTo(OwnedRow.class)
                .check(APPLICATION);
    }

    @Test
    void entitiesAndRepositoriesStayInTheirFeature() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .check(APPLICATION);
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .bePackagePrivate()
                .check(APPLICATION);
    }

    @Test
    void onlyAccountsAsksPastTheOrganisationScope() {
        noClasses()
                .that()
                .resideOutsideOfPackage("lumko.app.account..")
                .and()
                // writes out and takes in every table as it is; each statement names the organisation
                .doNotHaveFullyQualifiedName("lumko.app.exchange.WholeRecord")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(JdbcClient.class)
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(JdbcOperations.class)
                .orShould()
                .callMethod(EntityManager.class, "createNativeQuery", String.class)
                .check(APPLICATION);
        assertThat(APPLICATION)
                .flatExtracting(each -> each.getMethods())
                .noneMatch(method -> method.isAnnotatedWith(NativeQuery.class)
                        || (method.isAnnotatedWith(Query.class)
                                && method.getAnnotationOfType(Query.class).nativeQuery()));
    }

    @Test
    void pagesDoNotTalkToTheDatabase() {
        noClasses()
                .that()
                .areAnnotatedWith(Controller.class)
                .should()
                .dependOnClassesThat()
                .areAssignableTo(Repository.class)
                .orShould()
                .dependOnClassesThat()
                .areAnnotatedWith(Entity.class)
                .check(APPLICATION);
    }

    /** What looks is apart from what changes: a class that says it reads only calls nothing that writes. */
    @Test
    void whatLooksChangesNothing() {
        noClasses()
                .that(describe(
                        "read only",
                        (JavaClass each) -> each.isAnnotatedWith(Transactional.class)
                                && each.getAnnotationOfType(Transactional.class).readOnly()))
                .should()
                .callMethodWhere(describe(
                        "it writes",
                        call -> call.getTargetOwner().isAssignableTo(Repository.class)
                                && Stream.of("save", "delete").anyMatch(call.getName()::startsWith)))
                .check(APPLICATION);
    }

    /** Who has to know a dozen others does more than one thing. */
    @Test
    void nobodyHasADozenCollaborators() {
        assertThat(APPLICATION.stream()
                        .filter(each -> each.isMetaAnnotatedWith(Component.class))
                        .flatMap(each -> each.getConstructors().stream())
                        .filter(each -> each.getRawParameterTypes().size() >= DOZEN)
                        .map(JavaConstructor::getFullName))
                .isEmpty();
    }
}
