package lumko.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityManager;
import java.util.List;
import lumko.app.platform.OwnedRow;
import org.junit.jupiter.api.Test;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.modulith.core.ApplicationModules;
import org.springframework.stereotype.Controller;

class ArchitectureTest {
    private static final JavaClasses APPLICATION =
            new ClassFileImporter(List.of(new ImportOption.DoNotIncludeTests())).importPackages("lumko.app");

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
}
