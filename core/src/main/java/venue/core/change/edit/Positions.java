package venue.core.change.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/** Finds positions between neighbours; they are all given new ones when there is no room. */
public final class Positions {

    static final long GAP = 1L << 20;

    /** @param positions as many as were asked for, ascending; @param renumbered siblings that had to give way */
    public record Found(List<Long> positions, List<Page> renumbered) {}

    /** @param others where those that were there stand now, in their order */
    public record Spread(List<Long> positions, List<Long> others) {}

    private Positions() {}

    /**
     * @param before the sibling that shall follow; absent for the end
     * @param moving a page that is among the siblings now and does not count; may be absent
     */
    public static Found find(
            Edition edition, @Nullable String parent, @Nullable String before, @Nullable String moving, int count) {
        if (before == null) {
            return new Found(atEnd(edition, parent, moving, count), List.of());
        }
        List<Page> siblings = edition.plan().beneath(parent).stream()
                .filter(id -> !id.equals(moving))
                .map(id -> edition.require(Page.class, id))
                .toList();
        int index = index(siblings.stream().map(Page::id).toList(), before, "page");
        Spread spread = among(siblings.stream().map(Page::position).toList(), index, count);
        List<Page> renumbered = new ArrayList<>();
        for (int i = 0; i < siblings.size(); i++) {
            Page sibling = siblings.get(i);
            if (sibling.position() != spread.others().get(i)) {
                renumbered.add(
                        sibling.withPlace(sibling.parent(), spread.others().get(i)));
            }
        }
        return new Found(spread.positions(), renumbered);
    }

    /** The pages of a level that have to give way so that it stands in an order. */
    public static List<Page> inOrder(Edition edition, @Nullable String parent, List<String> order) {
        return KeptOrders.replaced(edition, parent, order, Set.of()).toList();
    }

    /** At the end there is room always, and nobody gives way: what stands there before the last matters to nothing. */
    private static List<Long> atEnd(Edition edition, @Nullable String parent, @Nullable String moving, int count) {
        List<String> ids = edition.plan().beneath(parent);
        int last = ids.size() - 1;
        if (last >= 0 && ids.get(last).equals(moving)) {
            last--;
        }
        long low = last < 0 ? 0 : edition.require(Page.class, ids.get(last)).position();
        return steps(low, GAP, count);
    }

    /** Where {@code before} stands; at the end where it is absent. */
    public static int index(List<String> ids, @Nullable String before, String what) {
        int index = before == null ? ids.size() : ids.indexOf(before);
        if (index < 0) {
            throw Refusal.unknown(what, String.valueOf(before));
        }
        return index;
    }

    /** @param taken the positions of those that are there, ascending; @param index before which of them */
    public static Spread among(List<Long> taken, int index, int count) {
        long low = index == 0 ? 0 : taken.get(index - 1);
        long high = index == taken.size() ? low + GAP * (count + 1) : taken.get(index);
        long step = (high - low) / (count + 1);
        if (step > 0) {
            return new Spread(steps(low, step, count), taken);
        }
        List<Long> others = new ArrayList<>();
        for (int i = 0; i < taken.size(); i++) {
            others.add((i < index ? i + 1 : i + 1 + count) * GAP);
        }
        return new Spread(steps(index * GAP, GAP, count), others);
    }

    private static List<Long> steps(long low, long step, int count) {
        List<Long> positions = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            positions.add(low + step * i);
        }
        return positions;
    }
}
