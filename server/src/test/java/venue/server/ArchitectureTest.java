package venue.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private final JavaClasses all = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("venue.store", "venue.server");

    @Test
    void theServerTouchesNoSql() {
        noClasses()
                .that()
                .resideInAPackage("venue.server..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.sql..", "javax.sql..", "org.springframework.jdbc..", "org.flywaydb..")
                .check(all);
    }

    @Test
    void theStoreKnowsNothingOfTheServer() {
        noClasses()
                .that()
                .resideInAPackage("venue.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("venue.server..", "jakarta.servlet..", "org.springframework.web..")
                .check(all);
    }

    @Test
    void packagesHaveNoCycles() {
        slices().matching("venue.(*).(*)..").should().beFreeOfCycles().check(all);
    }
}
