package venue.server.survey;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.basics.link.Link;
import venue.core.basics.text.Words;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Severity;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.address.Nearest;
import venue.core.model.redirect.Redirect;
import venue.store.search.InVain;
import venue.store.search.LastAsked;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * All that is found at a site: by the rules of the survey, which look at the working copy alone, and in what visitors asked for. The one
 * place that tells and counts both.
 */
@Component
public class Surveyed {

    private static final Survey.RuleInfo ASKED = new Survey.RuleInfo(
            "asked-in-vain",
            "Own link asked for in vain",
            Severity.MUST_FIX,
            "A page of this site led visitors there, and they found nothing.");
    private static final Survey.RuleInfo IDLE = new Survey.RuleInfo(
            "redirect-idle",
            "Redirect that nobody asks for",
            Severity.NOTE,
            "Nobody has asked for it in a year: that what stood there is gone can be said instead.");
    private static final Duration HOUR = Duration.ofHours(1);

    private final InVain inVain;
    private final LastAsked lastAsked;
    private final InstantSource clock;
    private final Cache<SiteId, Asked> asked =
            Caffeine.newBuilder().expireAfterWrite(HOUR).build();
    private final Cache<SiteId, Set<String>> idle =
            Caffeine.newBuilder().expireAfterWrite(HOUR).build();

    private record Asked(long turns, List<InVain.Missed> missed) {}

    Surveyed(InVain inVain, LastAsked lastAsked, InstantSource clock) {
        this.inVain = inVain;
        this.lastAsked = lastAsked;
        this.clock = clock;
    }

    /**
     * What is found at a site.
     *
     * @param byVisitors in what they asked for
     */
    public record Found(Survey survey, List<Finding> byVisitors) {

        List<Finding> all() {
            return Stream.concat(byVisitors.stream(), survey.all().stream())
                    .sorted(Comparator.comparing(Finding::severity))
                    .toList();
        }

        public int count(Severity severity) {
            return survey.count(severity)
                    + (int) byVisitors.stream()
                            .filter(f -> f.severity() == severity)
                            .count();
        }
    }

    public static List<Survey.RuleInfo> rules() {
        return Stream.concat(Stream.of(ASKED, IDLE), Survey.rules().stream()).toList();
    }

    public Found of(Workspace workspace, Standing standing) {
        Edition working = standing.working();
        List<Finding> found = new ArrayList<>();
        List<InVain.Missed> missed = asked.asMap()
                .compute(workspace.site(), (site, known) -> asked(site, known))
                .missed();
        if (!missed.isEmpty()) {
            found.addAll(inVain(working, missed));
        }
        Set<String> unasked = idle.get(workspace.site(), s -> idle(workspace, working));
        unasked.stream()
                .sorted()
                .flatMap(id -> working.find(Redirect.class, id).stream())
                .filter(r -> r.to() != null)
                .forEach(r -> found.add(finding(
                        IDLE,
                        r.id(),
                        "Nobody has asked for " + r.from() + " in a year.",
                        new Finding.Mend("Say that it is gone", RedirectCommand.sayGone(r.from())))));
        return new Found(standing.survey(), found);
    }

    /** As it was told before, where nothing has been asked for since. */
    private Asked asked(SiteId site, @Nullable Asked known) {
        long turns = inVain.turns();
        return known != null && known.turns() == turns
                ? known
                : new Asked(turns, inVain.all(site, InVain.What.OWN_LINKS));
    }

    private static List<Finding> inVain(Edition working, List<InVain.Missed> missed) {
        Addresses addresses = new Addresses(working, p -> working.plan().isShown(p.id()));
        List<InVain.Missed> lost = missed.stream()
                .filter(m -> addresses.at(m.words()) instanceof AtAddress.Nothing)
                .toList();
        if (lost.isEmpty()) {
            return List.of();
        }
        Nearest nearest = new Nearest(working);
        return lost.stream()
                .map(m -> finding(
                        ASKED,
                        m.words(),
                        "Pages of this site led visitors to " + m.words() + " " + Words.count(m.times(), "time")
                                + ", and nothing answers there.",
                        nearest.to(m.words())
                                .map(p -> new Finding.Mend(
                                        "Lead it to “" + p.title() + "”",
                                        RedirectCommand.leadOn(m.words(), Link.toPage(p.id()))))
                                .orElseGet(() ->
                                        new Finding.Mend("Say that it is gone", RedirectCommand.sayGone(m.words())))))
                .toList();
    }

    private Set<String> idle(Workspace workspace, Edition working) {
        LeadingPast past = LeadingPast.of(workspace, lastAsked, clock.instant());
        return working.all(Redirect.class)
                .filter(past::isIdle)
                .map(Redirect::id)
                .collect(Collectors.toSet());
    }

    private static Finding finding(Survey.RuleInfo rule, String about, String says, Finding.Mend mend) {
        return new Finding(rule.key(), rule.severity(), about, says, rule.why(), List.of(mend), null);
    }
}
