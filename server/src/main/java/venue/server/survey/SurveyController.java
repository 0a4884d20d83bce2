package venue.server.survey;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Severity;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.aside.SetAside;
import venue.store.workspace.Standing;

/** The survey's screen: findings, and the sitemap as a table and as XML. */
@RestController
@RequestMapping("/api/sites/{site}")
class SurveyController {

    private static final int MOST = 2_000;

    private final Surveyed surveyed;
    private final SetAside aside;
    private final People people;

    SurveyController(Surveyed surveyed, SetAside aside, People people) {
        this.surveyed = surveyed;
        this.aside = aside;
        this.people = people;
    }

    /**
     * A finding with the name and address of what it is about.
     *
     * @param page whether that is a page
     * @param fresh whether it came since the last release
     */
    record Found(Finding finding, String name, String address, boolean page, boolean fresh) {}

    /**
     * A finding that was set aside.
     *
     * @param at ISO 8601
     */
    record FoundAside(Found found, String reason, String who, String at) {}

    /** Findings, at most 2000 of them, and how many there are in all by severity; and those that were set aside. */
    record Findings(
            List<Survey.RuleInfo> rules,
            List<Found> findings,
            long mustFix,
            long shouldFix,
            long notes,
            List<FoundAside> aside) {}

    @GetMapping("/survey")
    Findings survey(Here here) {
        Standing standing = here.now();
        Surveyed.Found all = surveyed.of(here.workspace(), standing);
        Predicate<Finding> fresh = fresh(standing);
        return new Findings(
                Surveyed.rules(),
                all.all().stream()
                        .limit(MOST)
                        .map(f -> found(standing.working(), f, fresh))
                        .toList(),
                all.count(Severity.MUST_FIX),
                all.count(Severity.SHOULD_FIX),
                all.count(Severity.NOTE),
                all.putAside().limit(MOST).map(f -> aside(standing, all, f)).toList());
    }

    private FoundAside aside(Standing standing, Surveyed.Found all, Finding finding) {
        SetAside.Aside aside = Objects.requireNonNull(all.aside().get(SetAside.Key.of(finding)));
        return new FoundAside(
                found(standing.working(), finding, f -> false),
                aside.reason(),
                people.nameOf(new PersonId(aside.who())),
                aside.at());
    }

    /** What the live site has not: by rules that look at an edition. */
    private static Predicate<Finding> fresh(Standing standing) {
        if (standing.release() == 0) {
            return f -> false;
        }
        Set<SetAside.Key> live = Surveyed.live(standing);
        Set<String> rules = Survey.rules().stream().map(Survey.RuleInfo::key).collect(Collectors.toSet());
        return f -> rules.contains(f.rule()) && !live.contains(SetAside.Key.of(f));
    }

    /** Findings to be set aside, and why. */
    record ToSetAside(List<SetAside.Key> findings, String reason) {}

    @PostMapping("/survey/aside")
    Findings setAside(Here here, @RequestBody ToSetAside asked) {
        here.requireManager("set findings aside");
        aside.put(here.site(), here.person().id(), asked.findings(), asked.reason());
        return survey(here);
    }

    @PostMapping("/survey/back")
    Findings back(Here here, @RequestBody SetAside.Key finding) {
        here.requireManager("bring findings back");
        aside.back(here.site(), finding);
        return survey(here);
    }

    private static Found found(Edition edition, Finding finding, Predicate<Finding> fresh) {
        Optional<Page> page = edition.page(finding.item());
        String name = edition.find(finding.item()).map(Item::name).orElse(finding.item());
        return new Found(finding, name, page.map(edition::servedAt).orElse(""), page.isPresent(), fresh.test(finding));
    }
}
