package venue.server.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Severity;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ordered;
import venue.core.edition.edition.PageState;
import venue.core.edition.edition.Worn;
import venue.core.live.appearing.Appearing;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.site.BoundPage;
import venue.store.workspace.Standing;

/**
 * The rows of a standing. Immutable; carried on by what a step may matter to.
 *
 * @param from the step since which what differed is remembered
 */
record Rows(Standing standing, PersistentMap<String, PlanRow> byId, long from, List<News> latest) {

    private static final int REMEMBERED = 200;

    /** What a step changed of the rows. */
    private record News(long step, Set<String> rows, boolean order) {}

    static Rows of(Standing standing) {
        return new Rows(standing, ExtensionsKt.toPersistentHashMap(all(standing)), standing.step(), List.of());
    }

    private static Map<String, PlanRow> all(Standing standing) {
        return standing.working().all(Page.class).collect(Collectors.toMap(Page::id, p -> row(standing, p)));
    }

    Rows after(Standing now) {
        if (now.step() <= standing.step()) {
            return this;
        }
        PersistentMap.Builder<String, PlanRow> rows = byId.builder();
        Set<String> differing = new HashSet<>();
        Set<String> ids = now.touchedSince(standing.step())
                .orElseGet(() -> Stream.concat(
                                byId.keySet().stream(),
                                now.working().all(Page.class).map(Page::id))
                        .collect(Collectors.toSet()));
        for (String id : ids) {
            PlanRow row = now.working().page(id).map(p -> row(now, p)).orElse(null);
            PlanRow before = row == null ? rows.remove(id) : rows.put(id, row);
            if (!Objects.equals(row, before)) {
                differing.add(id);
            }
        }
        boolean order =
                now.working().plan() != standing.working().plan() && !order(now).equals(order(standing));
        List<News> news = new ArrayList<>(latest);
        news.add(new News(now.step(), differing, order));
        long since = news.size() > REMEMBERED ? news.remove(0).step() : from;
        return new Rows(now, rows.build(), since, List.copyOf(news));
    }

    private static List<String> order(Standing standing) {
        return standing.working().plan().inOrder().toList();
    }

    PlanPart whole() {
        List<String> order = order(standing);
        return new PlanPart(
                standing.step(),
                true,
                order.stream().map(byId::get).filter(Objects::nonNull).toList(),
                order);
    }

    /** What differs since a step; all of it where that is not remembered. */
    PlanPart since(long step) {
        if (step < from || step > standing.step()) {
            return whole();
        }
        List<News> news = latest.stream().filter(n -> n.step() > step).toList();
        List<PlanRow> rows = news.stream()
                .flatMap(n -> n.rows().stream())
                .distinct()
                .map(byId::get)
                .filter(Objects::nonNull)
                .toList();
        boolean order = news.stream().anyMatch(News::order);
        return new PlanPart(standing.step(), false, rows, order ? order(standing) : null);
    }

    private static PlanRow row(Standing standing, Page page) {
        List<Finding> findings = standing.survey().about(page.id());
        Edition working = standing.working();
        Worn worn = working.worn(page);
        PageState state = PageState.of(working, standing.live(), page);
        List<Appearing.Place> places = Appearing.of(working, standing.live(), page);
        Appearing.Place sitemap = places.get(places.size() - 1);
        return new PlanRow(
                new PlanRow.RowHead(
                        page.id(),
                        page.parent(),
                        page.title(),
                        working.servedAt(page),
                        page.kind(),
                        found(working, page),
                        Ordered.keptWords(working, page.id()).orElse(null)),
                new PlanRow.RowWears(
                        worn.template().id(), worn.source(), state, working.isHome(page), tasks(working, page)),
                new PlanRow.RowMenus(menus(places, false), menus(places, true)),
                new PlanRow.RowSitemap(
                        switch (sitemap.how()) {
                            case WAITS -> "missing";
                            case OUT -> "out";
                            default -> "in";
                        },
                        sitemap.why(),
                        GateTold.unlessOpen(working, page)),
                new PlanRow.RowFindings(
                        working.toFill(page).size(),
                        count(findings, Severity.MUST_FIX),
                        count(findings, Severity.SHOULD_FIX),
                        count(findings, Severity.NOTE)));
    }

    /** The menus in which a page has a line, or stands by itself. */
    private static List<String> menus(List<Appearing.Place> places, boolean following) {
        return places.stream()
                .filter(p -> following
                        ? p.how() == Appearing.How.FOLLOWS
                        : p.how() == Appearing.How.IN || p.how() == Appearing.How.WAITS)
                .flatMap(p -> Stream.ofNullable(p.menu()))
                .toList();
    }

    private static List<String> tasks(Edition edition, Page page) {
        return BoundPage.tasks(edition.site(), page.id())
                .map(b -> b.property().label())
                .toList();
    }

    private static String found(Edition edition, Page page) {
        return edition.kindOf(page).map(Kind::fields).orElse(List.of()).stream()
                .filter(Property::searchable)
                .map(f -> edition.words(page, f.key()))
                .filter(w -> !w.isBlank())
                .collect(Collectors.joining(" "));
    }

    private static int count(List<Finding> findings, Severity severity) {
        return (int) findings.stream().filter(f -> f.severity() == severity).count();
    }
}
