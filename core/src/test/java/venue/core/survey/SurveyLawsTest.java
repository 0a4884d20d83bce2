package venue.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.edition.Edition;
import venue.core.item.Item;

/** What holds of every finding, whatever was done to the site before. */
class SurveyLawsTest {

    private final Edition site = Sites.small();

    private List<Finding> findings(Edition working) {
        return Survey.of(working, site).all();
    }

    @Property(tries = 150)
    void carriedOnIsAsSurveyedAnew(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition working = site;
        Survey survey = Survey.of(working, site);
        for (int i = 0; i < 12; i++) {
            Edition after = mischief.upon(working, 1 + i % 3);
            survey = survey.after(after, site, changed(working, after));
            working = after;
            Survey anew = Survey.of(working, site);
            assertThat(survey.all()).isEqualTo(anew.all());
            assertThat(working.items())
                    .allSatisfy(item -> assertThat(anew.about(item.id()))
                            .isEqualTo(anew.all().stream()
                                    .filter(f -> f.item().equals(item.id()))
                                    .toList()));
            for (Severity severity : Severity.values()) {
                assertThat(survey.count(severity)).isEqualTo(anew.count(severity));
            }
        }
    }

    private static Set<String> changed(Edition before, Edition after) {
        return Stream.concat(before.items().stream(), after.items().stream())
                .filter(item -> before.find(item.id()).orElse(null)
                        != after.find(item.id()).orElse(null))
                .map(Item::id)
                .collect(Collectors.toSet());
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
