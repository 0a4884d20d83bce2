package venue.core.live.release;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.model.page.Page;

/** Tells what waits to be released as what people did. */
public final class WaitingChanges {

    /** So many things are said of a change of many items, and so many of its pages are named. */
    private static final int FEW = 3;

    private static final int PAGES = 24;

    private final ReleasePlan plan;
    private final Waits waits;
    private final UnaryOperator<String> stepName;
    private final Map<String, Integer> places = new HashMap<>();

    private WaitingChanges(ReleasePlan plan, Waits waits, UnaryOperator<String> stepName) {
        this.plan = plan;
        this.waits = waits;
        this.stepName = stepName;
        Stream.concat(plan.working().plan().inOrder(), plan.live().plan().inOrder())
                .forEach(id -> places.putIfAbsent(id, places.size()));
    }

    /**
     * All changes: those of several items first, then pages as they stand in the plan, then all else by its sort.
     *
     * @param stepName what a group of steps was called when it was done
     */
    public static List<WaitingChange> of(ReleasePlan plan, Waits waits, UnaryOperator<String> stepName) {
        return new WaitingChanges(plan, waits, stepName).told();
    }

    private List<WaitingChange> told() {
        Map<String, List<ReleaseEntry>> byKey = new LinkedHashMap<>();
        plan.entries()
                .forEach(e -> byKey.computeIfAbsent(waits.keyOf(e.item()).orElse(e.item()), k -> new ArrayList<>())
                        .add(e));
        return byKey.entrySet().stream()
                .map(e -> told(e.getKey(), inPlan(e.getValue())))
                .sorted(Comparator.<WaitingChange>comparingInt(c -> c.entries().size() > 1 ? 0 : 1)
                        .thenComparing(c -> c.entries().get(0), byPlace()))
                .toList();
    }

    private List<ReleaseEntry> inPlan(List<ReleaseEntry> entries) {
        return entries.stream().sorted(byPlace()).toList();
    }

    private Comparator<ReleaseEntry> byPlace() {
        return Comparator.comparing(ReleaseEntry::sort)
                .thenComparingInt(e -> places.getOrDefault(e.item(), Integer.MAX_VALUE))
                .thenComparing(ReleaseEntry::name)
                .thenComparing(ReleaseEntry::item);
    }

    private WaitingChange told(String key, List<ReleaseEntry> entries) {
        List<String> ids = entries.stream().map(ReleaseEntry::item).toList();
        Trace trace = waits.traceOf(ids);
        ReleaseEntry first = entries.get(0);
        boolean alone = entries.size() == 1;
        return new WaitingChange(
                key,
                alone ? named(first) : name(key, entries, trace),
                alone ? first.says() : says(key, entries),
                trace.who(),
                entries,
                follows(entries));
    }

    /** A page by its title, all else with what it is. */
    private static String named(ReleaseEntry entry) {
        return switch (entry.sort()) {
            case PAGE, ENTRY, SITE -> entry.name();
            default -> Words.capital(entry.sort().noun()) + " " + entry.name();
        };
    }

    private String name(String key, List<ReleaseEntry> entries, Trace trace) {
        Optional<String> above = Waits.orderedBeneath(key);
        if (above.isPresent()) {
            return plan.working().page(above.get()).map(Page::title).orElse("The top of the plan")
                    + ", put in a new order";
        }
        Optional<ReleaseEntry> template =
                entries.stream().filter(e -> e.sort() == ItemSort.TEMPLATE).findFirst();
        if (template.isPresent()) {
            return "Template " + template.get().name() + ", carried to " + Words.count(entries.size() - 1, "page");
        }
        return trace.groups().isEmpty()
                ? "What " + Words.count(entries.size(), "page") + " took from their template"
                : Words.capital(stepName.apply(trace.groups().get(trace.groups().size() - 1)));
    }

    private static List<String> says(String key, List<ReleaseEntry> entries) {
        if (Waits.orderedBeneath(key).isPresent()) {
            return List.of(Words.count(entries.size(), "page") + " moved together");
        }
        List<ReleaseEntry> pages =
                entries.stream().filter(e -> e.sort() == ItemSort.PAGE).toList();
        List<ReleaseEntry> told = pages.isEmpty() ? entries : pages;
        Map<String, Integer> counts = new LinkedHashMap<>();
        told.forEach(e -> e.says().forEach(s -> counts.merge(s, 1, Integer::sum)));
        List<String> says = new ArrayList<>();
        if (told.size() < entries.size() || told.get(0).sort() != ItemSort.PAGE) {
            says.add(sorts(entries));
        }
        counts.entrySet().stream()
                .filter(e -> e.getValue() > 1)
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .limit(FEW)
                .map(e -> e.getKey() + (e.getValue() == told.size() ? " in each" : " in " + e.getValue()))
                .forEach(says::add);
        return says.isEmpty() ? List.of(sorts(entries)) : says;
    }

    private static String sorts(Collection<ReleaseEntry> entries) {
        long pages = entries.stream().filter(e -> e.sort() == ItemSort.PAGE).count();
        long others = entries.size() - pages;
        String other = Words.count(others, pages == 0 ? "item" : "other item");
        return pages == 0 ? other : Words.count(pages, "page") + (others == 0 ? "" : ", " + other);
    }

    private WaitingChange.FollowsIt follows(List<ReleaseEntry> entries) {
        long pages = entries.stream().filter(e -> e.sort() == ItemSort.PAGE).count();
        long widest =
                entries.stream().mapToLong(e -> e.reached().reaches()).max().orElse(0);
        Set<String> moved = moved(entries);
        int redirects = Redirects.left(
                        plan.live(), plan.working(), moved.stream().flatMap(id -> plan.live().page(id).stream()))
                .size();
        boolean menus = !moved.isEmpty()
                && plan.working().menus().stream()
                        .flatMap(m -> m.all())
                        .anyMatch(l -> l.pageId().filter(moved::contains).isPresent());
        return new WaitingChange.FollowsIt(
                Math.max(pages, widest),
                entries.stream()
                        .flatMap(e -> e.reached().pages().stream())
                        .distinct()
                        .limit(PAGES)
                        .toList(),
                redirects,
                menus);
    }

    /** The pages that stand elsewhere or are called otherwise, with those beneath them. */
    private Set<String> moved(List<ReleaseEntry> entries) {
        Edition live = plan.live();
        Edition working = plan.working();
        Set<String> moved = new HashSet<>();
        for (ReleaseEntry entry : entries) {
            live.page(entry.item())
                    .filter(was -> !working.page(was.id())
                            .filter(is -> is.title().equals(was.title())
                                    && live.servedAt(was).equals(working.servedAt(is)))
                            .isPresent())
                    .ifPresent(was -> live.plan().subtree(was.id()).forEach(moved::add));
        }
        return moved;
    }
}
