package venue.server.survey;

import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Item;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Severity;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** The survey's screen: findings, and the sitemap as a table and as XML. */
@RestController
@RequestMapping("/api/sites/{site}")
class SurveyController {

    private static final int MOST = 2_000;

    private final Surveyed surveyed;

    SurveyController(Surveyed surveyed) {
        this.surveyed = surveyed;
    }

    /** A finding with the name and address of what it is about; {@code page} tells whether that is a page. */
    record Found(Finding finding, String name, String address, boolean page) {}

    /** Findings, at most 2000 of them, and how many there are in all by severity. */
    record Findings(List<Survey.RuleInfo> rules, List<Found> findings, long mustFix, long shouldFix, long notes) {}

    @GetMapping("/survey")
    Findings survey(Here here) {
        Standing standing = here.now();
        Surveyed.Found all = surveyed.of(here.workspace(), standing);
        return new Findings(
                Surveyed.rules(),
                all.all().stream()
                        .limit(MOST)
                        .map(f -> found(standing.working(), f))
                        .toList(),
                all.count(Severity.MUST_FIX),
                all.count(Severity.SHOULD_FIX),
                all.count(Severity.NOTE));
    }

    private static Found found(Edition edition, Finding finding) {
        Optional<Page> page = edition.page(finding.item());
        String name = edition.find(finding.item()).map(Item::name).orElse(finding.item());
        return new Found(finding, name, page.map(edition::servedAt).orElse(""), page.isPresent());
    }
}
