package venue.core.check.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;

/** What holds of every finding, whatever was done to the site before. */
class SurveyLawsTest {

    private final Edition site = Sites.small();

    private List<Finding> findings(Edition working) {
        return Survey.of(working, site).all();
    }

    /** What is known besides, on a day that passes now and then. */
    private static Known known(Edition working, int step) {
        return new Known(
                Sites.desk(working).archive()::find,
                LocalDate.parse("2026-11-28").plusDays(step / 5));
    }

    @Property(tries = 50)
    void carriedOnIsAsSurveyedAnew(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition working = site;
        Survey survey = Survey.of(working, site, known(working, 0));
        for (int i = 0; i < 12; i++) {
            Edition after = mischief.upon(working, 1 + i % 3);
            survey = survey.after(after, site, changed(working, after), known(after, i));
            working = after;
            Survey anew = Survey.of(working, site, known(working, i));
            assertThat(survey.all()).isEqualTo(anew.all());
            Map<String, List<Finding>> byItem = anew.all().stream().collect(Collectors.groupingBy(Finding::item));
            assertThat(working.items())
                    .allMatch(item -> anew.about(item.id()).equals(byItem.getOrDefault(item.id(), List.of())));
            for (Severity severity : Severity.values()) {
                assertThat(survey.count(severity)).isEqualTo(anew.count(severity));
            }
        }
    }

    private static final java.util.logging.Logger TOLD = java.util.logging.Logger.getLogger(Survey.class.getName());

    /** Says of every item that it is there; fails while it is told to. */
    private static final class Moody extends DeclaredRule {
        private boolean fails;

        Moody() {
            super("moody", "Moody", Severity.NOTE, "It says so.");
        }

        @Override
        public Stream<Finding> find(Scope scope, Item item) {
            if (fails) {
                throw new IllegalStateException("not today");
            }
            return Stream.of(Finding.of(this, item.id(), "It is there: " + item.name() + "."));
        }
    }

    @Property(tries = 20)
    void aRuleThatThrowsLeavesItsLastGoodStateAndLooksAgainAtAllWhenItCan(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Moody moody = new Moody();
        List<Rule> rules = List.of(moody, new ToFillLeft());
        Edition[] steps = {site, mischief.upon(site, 3), site, site};
        steps[2] = mischief.upon(steps[1], 3);
        steps[3] = mischief.upon(steps[2], 1);
        Survey first = Survey.of(Scope.workingCopy(site, site, Known.NOTHING), rules);
        moody.fails = true;
        TOLD.setLevel(java.util.logging.Level.OFF);
        Survey second = first.after(steps[1], site, changed(site, steps[1]));
        Survey third = second.after(steps[2], site, changed(steps[1], steps[2]));
        assertThat(third.failed()).extracting(Survey.RuleInfo::name).containsExactly("Moody");
        assertThat(of(third, "moody")).isEqualTo(of(first, "moody"));
        assertThat(of(third, "to-fill"))
                .isEqualTo(of(Survey.of(Scope.workingCopy(steps[2], site, Known.NOTHING), rules), "to-fill"));
        moody.fails = false;
        Survey last = third.after(steps[3], site, changed(steps[2], steps[3]));
        assertThat(last.failed()).isEmpty();
        assertThat(last.all())
                .isEqualTo(Survey.of(Scope.workingCopy(steps[3], site, Known.NOTHING), rules)
                        .all());
    }

    private static List<Finding> of(Survey survey, String rule) {
        return survey.all().stream().filter(f -> f.rule().equals(rule)).toList();
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
