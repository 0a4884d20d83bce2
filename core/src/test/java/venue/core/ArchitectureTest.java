package venue.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import venue.core.edition.edition.ItemSort;

class ArchitectureTest {

    /** From the bottom up. */
    private static final List<String> WINGS =
            List.of("basics", "model", "body", "edition", "sort", "show", "carry", "change", "check", "live");

    private static final JavaClasses CORE = new ClassFileImporter()
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
                .check(CORE);
    }

    @Test
    void onePlaceKnowsHowItemsAreWritten() {
        noClasses()
                .that()
                .resideOutsideOfPackages("venue.core.edition.json", "venue.core.basics.geo")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("tools.jackson..")
                .check(CORE);
    }

    @Test
    void aWingKnowsOnlyThoseBeforeIt() {
        for (int i = 0; i < WINGS.size() - 1; i++) {
            String[] later = WINGS.stream()
                    .skip(i + 1L)
                    .map(w -> "venue.core." + w + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("venue.core." + WINGS.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(CORE);
        }
        String[] all = WINGS.stream().map(w -> "venue.core." + w + "..").toArray(String[]::new);
        classes().should().resideInAnyPackage(all).check(CORE);
    }

    /** What is asked of any item is answered by its sort: no list of sorts stands anywhere else. */
    @Test
    void nobodyAsksWhatSortAnItemIs() {
        Set<String> records = Arrays.stream(ItemSort.values())
                .map(sort -> sort.record().getName())
                .collect(Collectors.toSet());
        assertThat(CORE.stream()
                        .filter(c -> !c.getPackageName().equals("venue.core.sort"))
                        .flatMap(c -> c.getInstanceofChecks().stream())
                        .filter(check -> records.contains(check.getRawType().getName())))
                .isEmpty();
    }

    @Test
    void packagesHaveNoCycles() {
        slices().matching("venue.(**)").should().beFreeOfCycles().check(CORE);
    }
}
