package venue.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("venue");

    @Test
    void theServerTouchesNoSql() {
        noClasses()
                .that()
                .resideInAPackage("venue.server..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.sql..", "javax.sql..", "org.springframework.jdbc..", "org.flywaydb..")
                .check(ALL);
    }

    @Test
    void theStoreKnowsNothingOfTheServer() {
        noClasses()
                .that()
                .resideInAPackage("venue.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("venue.server..", "jakarta.servlet..", "org.springframework.web..")
                .check(ALL);
    }

    @Test
    void packagesHaveNoCycles() {
        slices().matching("venue.(**)").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void mostTypesAreNobodyElsesBusiness() {
        List<JavaClass> types = ALL.stream()
                .filter(c -> c.isTopLevelClass() && !c.getSimpleName().equals("package-info"))
                .toList();
        long own = types.stream()
                .filter(c -> !c.getModifiers().contains(JavaModifier.PUBLIC))
                .count();
        assertThat(own * 100).isGreaterThanOrEqualTo(types.size() * 55L);
    }
}
