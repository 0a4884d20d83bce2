package venue.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.edition.Edition;

/** What holds of every finding, whatever was done to the site before. */
class SurveyLawsTest {

    private final Edition site = Sites.small();

    private List<Finding> findings(Edition working) {
        return Survey.of(Scope.workingCopy(working, site, Instant.parse("2026-11-23T12:00:00Z")));
    }

    private static String known(Finding finding) {
        return finding.rule() + " " + finding.item() + " " + finding.section() + " " + finding.says();
    }

    @Property(tries = 60)
    void everyMendCanBeDoneAndMendsWhatItStandsBy(@ForAll long seed) {
        Edition working = new Mischief(seed).upon(site, 25);
        for (Finding finding : findings(working)) {
            for (Finding.Mend mend : finding.mends()) {
                Edition mended = Sites.after(working, mend.command());
                assertThat(findings(mended))
                        .as(mend.label() + ": " + mend.command())
                        .extracting(SurveyLawsTest::known)
                        .doesNotContain(known(finding));
            }
        }
    }

    @Property(tries = 60)
    void everyFindingIsAboutSomethingThatIsThereAndSaysWhatAndWhy(@ForAll long seed) {
        Edition working = new Mischief(seed).upon(site, 25);
        List<Finding> findings = findings(working);
        for (Finding finding : findings) {
            assertThat(working.find(finding.item())).as(finding.toString()).isPresent();
            assertThat(finding.says()).isNotBlank().matches("(?s).*[.?!”]$");
            assertThat(finding.why()).isNotBlank();
            assertThat(finding.mends()).allSatisfy(m -> assertThat(m.label()).isNotBlank());
        }
        assertThat(findings).isEqualTo(findings(working));
    }
}
