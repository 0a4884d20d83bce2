package venue.core.change.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ordered;
import venue.core.model.page.BeneathOrder;
import venue.core.model.page.Page;

/** Branches that keep themselves in order: whatever a change does to the pages of one, they stand in it afterwards. */
final class KeptOrders {

    private KeptOrders() {}

    /** @param after the working copy with the change */
    static Change within(Edition before, Edition after, Change change) {
        Set<String> changed = new HashSet<>();
        Set<String> levels = new LinkedHashSet<>();
        for (Item item : change.put()) {
            after.page(item.id()).ifPresent(page -> {
                Optional<Page> was = before.page(page.id());
                changed.add(page.id());
                if (page.parent() != null
                        && was.filter(w -> standsAlike(after, w, page)).isEmpty()) {
                    levels.add(page.parent());
                }
                if (!was.flatMap(BeneathOrder::of).equals(BeneathOrder.of(page))) {
                    levels.add(page.id());
                }
            });
        }
        List<Item> put = new ArrayList<>(change.put());
        for (String level : levels) {
            Ordered.kept(after, level)
                    .ifPresent(order -> replaced(after, level, Ordered.of(after, level, order), changed)
                            .forEach(page -> {
                                put.removeIf(i -> i.id().equals(page.id()));
                                put.add(page);
                            }));
        }
        return put.size() == change.put().size() && put.equals(change.put())
                ? change
                : new Change(change.name(), put, change.removed());
    }

    /** Whether nothing has changed by which a page could stand elsewhere. */
    private static boolean standsAlike(Edition after, Page was, Page is) {
        Optional<BeneathOrder> order = Ordered.kept(after, is.parent());
        return order.isEmpty()
                || Objects.equals(was.parent(), is.parent())
                        && was.position() == is.position()
                        && was.title().equals(is.title())
                        && Objects.equals(
                                was.fields().get(order.get().by()),
                                is.fields().get(order.get().by()));
    }

    /** The pages that get another position so that all stand as wanted: those that moved, or all where there is no room. */
    static Stream<Page> replaced(Edition after, @Nullable String level, List<String> wanted, Set<String> moved) {
        if (after.plan().beneath(level).equals(wanted)) {
            return Stream.empty();
        }
        List<String> rest = wanted.stream().filter(id -> !moved.contains(id)).toList();
        List<String> stand = after.plan().beneath(level).stream()
                .filter(id -> !moved.contains(id))
                .toList();
        List<Long> positions = rest.equals(stand) ? between(after, wanted, moved) : List.of();
        List<Page> placed = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            Page page = after.require(Page.class, wanted.get(i));
            long position = positions.isEmpty() ? (i + 1) * Positions.GAP : positions.get(i);
            if (page.position() != position) {
                placed.add(page.withPlace(page.parent(), position));
            }
        }
        return placed.stream();
    }

    /** Positions between those that stay; none where there is no room for one. */
    private static List<Long> between(Edition after, List<String> wanted, Set<String> moved) {
        List<Long> positions = new ArrayList<>();
        long low = 0;
        for (int i = 0; i < wanted.size(); i++) {
            if (!moved.contains(wanted.get(i))) {
                low = after.require(Page.class, wanted.get(i)).position();
                positions.add(low);
                continue;
            }
            int next = i;
            while (next < wanted.size() && moved.contains(wanted.get(next))) {
                next++;
            }
            long high = next == wanted.size()
                    ? low + 2 * Positions.GAP
                    : after.require(Page.class, wanted.get(next)).position();
            low += (high - low) / 2;
            if (low <= (positions.isEmpty() ? 0 : positions.get(positions.size() - 1)) || low >= high) {
                return List.of();
            }
            positions.add(low);
        }
        return positions;
    }
}
