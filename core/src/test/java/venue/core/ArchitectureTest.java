package venue.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("venue.core");

    @Test
    void dependsOnNoFrameworkNoSqlNoHttp() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "java.sql..",
                        "javax.sql..",
                        "jakarta..",
                        "java.net.http..",
                        "venue.store..",
                        "venue.server..")
                .check(core);
    }

    @Test
    void onePlaceKnowsHowItemsAreWritten() {
        noClasses()
                .that()
                .resideOutsideOfPackages("venue.core.edition.json", "venue.core.basics.geo")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("tools.jackson..")
                .check(core);
    }

    @Test
    void packagesHaveNoCycles() {
        slices().matching("venue.(**)").should().beFreeOfCycles().check(core);
    }
}
