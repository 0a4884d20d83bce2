package venue.server.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.edition.Edition;
import venue.core.edition.PageState;
import venue.core.edition.Worn;
import venue.core.kind.Kind;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.survey.Finding;
import venue.core.survey.Severity;
import venue.server.survey.Surveys;
import venue.store.workspace.Standing;

/** The plan's rows of each standing; the latest ones are remembered, so that windows need only what differs. */
@Component
class PlanRows {

    private static final int REMEMBERED = 24;

    private final Surveys surveys;
    private final Cache<String, Map<String, PlanRow>> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final Map<String, Map<String, PlanRow>> latest = new ConcurrentHashMap<>();

    PlanRows(Surveys surveys) {
        this.surveys = surveys;
    }

    /** The rows in reading order, by id. */
    Map<String, PlanRow> of(String site, Standing standing) {
        return known.get(key(site, standing.step()), k -> make(site, standing));
    }

    /** The rows as they were after a step, if they are still remembered. */
    Optional<Map<String, PlanRow>> then(String site, long step) {
        return Optional.ofNullable(known.getIfPresent(key(site, step)));
    }

    private static String key(String site, long step) {
        return site + "/" + step;
    }

    private Map<String, PlanRow> make(String site, Standing standing) {
        Map<String, PlanRow> earlier = latest.getOrDefault(site, Map.of());
        Map<String, List<Finding>> findings = surveys.byItem(standing);
        Map<String, PlanRow> rows = new LinkedHashMap<>();
        Edition working = standing.working();
        working.plan().inOrder().forEach(id -> {
            PlanRow row = row(standing, working.require(Page.class, id), findings.getOrDefault(id, List.of()));
            rows.put(id, shared(earlier.get(id), row));
        });
        latest.put(site, rows);
        return rows;
    }

    /** The earlier row where nothing differs, so that what is remembered takes little room. */
    private static PlanRow shared(@Nullable PlanRow earlier, PlanRow row) {
        return row.equals(earlier) ? earlier : row;
    }

    private static PlanRow row(Standing standing, Page page, List<Finding> findings) {
        Edition working = standing.working();
        Worn worn = working.worn(page);
        PageState state = PageState.of(page, standing.live().page(page.id()).orElse(null));
        String why = sitemapWhy(page, state);
        return new PlanRow(
                page.id(),
                page.parent(),
                page.title(),
                working.servedAt(page),
                page.kind(),
                worn.template().id(),
                worn.source().name(),
                state.name(),
                working.isHome(page),
                working.inbound().menusTo(page.id()),
                why.isEmpty() ? "in" : state == PageState.DRAFT ? "missing" : "out",
                why,
                working.toFill(page).size(),
                count(findings, Severity.MUST_FIX),
                count(findings, Severity.SHOULD_FIX),
                count(findings, Severity.NOTE),
                found(working, page));
    }

    private static String found(Edition edition, Page page) {
        return edition.kindOf(page).map(Kind::fields).orElse(List.of()).stream()
                .filter(Property::searchable)
                .map(f -> edition.words(page, f.key()))
                .filter(w -> !w.isBlank())
                .collect(Collectors.joining(" "));
    }

    private static String sitemapWhy(Page page, PageState state) {
        if (state == PageState.WITHDRAWN) {
            return "taken off the site";
        }
        if (page.isKeptOut()) {
            return "kept out of search engines on purpose";
        }
        return state == PageState.DRAFT ? "not released yet" : "";
    }

    private static int count(List<Finding> findings, Severity severity) {
        return (int) findings.stream().filter(f -> f.severity() == severity).count();
    }
}
