package venue.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.page.Page;

/** Finds a position between two siblings; renumbers them all when there is no room. */
final class Positions {

    private static final long GAP = 1L << 20;

    /** @param positions as many as were asked for, ascending; @param renumbered siblings that had to give way */
    record Found(List<Long> positions, List<Page> renumbered) {}

    private Positions() {}

    /**
     * @param before the sibling that shall follow; absent for the end
     * @param moving a page that is among the siblings now and does not count; may be absent
     */
    static Found find(
            Edition edition, @Nullable String parent, @Nullable String before, @Nullable String moving, int count) {
        List<Page> siblings = edition.plan().beneath(parent).stream()
                .filter(id -> !id.equals(moving))
                .map(id -> edition.require(Page.class, id))
                .toList();
        int index = siblings.size();
        if (before != null) {
            index = siblings.stream().map(Page::id).toList().indexOf(before);
            if (index < 0) {
                throw Refusal.unknown("page", before);
            }
        }
        long low = index == 0 ? 0 : siblings.get(index - 1).position();
        long high = index == siblings.size()
                ? low + GAP * (count + 1)
                : siblings.get(index).position();
        long step = (high - low) / (count + 1);
        return step > 0 ? new Found(spread(low, step, count), List.of()) : renumber(siblings, index, count);
    }

    private static List<Long> spread(long low, long step, int count) {
        List<Long> positions = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            positions.add(low + step * i);
        }
        return positions;
    }

    private static Found renumber(List<Page> siblings, int index, int count) {
        List<Page> renumbered = new ArrayList<>();
        for (int i = 0; i < siblings.size(); i++) {
            long place = i < index ? i + 1 : i + 1 + count;
            Page sibling = siblings.get(i);
            renumbered.add(sibling.withPlace(sibling.parent(), place * GAP));
        }
        return new Found(spread(index * GAP, GAP, count), renumbered);
    }
}
