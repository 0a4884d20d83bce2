package venue.core.carry.pack;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Segments;
import venue.core.model.page.Page;
import venue.core.sort.Arrival;

/** Gives pages their place: what is here stays where it is; what comes new comes last, under an address that is free. */
final class Placed implements Arrival {

    private static final long GAP = 1L << 20;

    private final Edition here;
    private final @Nullable String under;
    private final Map<String, Page> given = new HashMap<>();
    private final Map<String, Set<String>> segments = new HashMap<>();

    /** @param under the page beneath which those come that stand beneath none of their own; absent for the top */
    Placed(Edition here, @Nullable String under) {
        this.here = here;
        this.under = under == null ? null : here.require(Page.class, under).id();
    }

    @Override
    public Edition here() {
        return here;
    }

    @Override
    public Page placed(Page page) {
        Page now = here.page(page.id()).orElseGet(() -> given.computeIfAbsent(page.id(), id -> last(page)));
        return page.withPlace(now.parent(), now.position()).withSegment(now.segment());
    }

    private Page last(Page page) {
        String parent = page.parent() == null ? under : page.parent();
        boolean isHere = parent == null || here.page(parent).isPresent();
        Set<String> taken = segments.computeIfAbsent(String.valueOf(parent), p -> taken(parent, isHere));
        String segment = Segments.firstFree(taken, page.segment());
        taken.add(segment);
        long after = isHere ? lastPosition(parent) + GAP : 0;
        return page.withPlace(parent, after + page.position()).withSegment(segment);
    }

    private Set<String> taken(@Nullable String parent, boolean isHere) {
        return isHere
                ? here.plan().beneath(parent).stream()
                        .map(id -> here.require(Page.class, id).segment())
                        .collect(Collectors.toSet())
                : new HashSet<>();
    }

    private long lastPosition(@Nullable String parent) {
        return here.plan().beneath(parent).stream()
                .mapToLong(id -> here.require(Page.class, id).position())
                .max()
                .orElse(0);
    }
}
