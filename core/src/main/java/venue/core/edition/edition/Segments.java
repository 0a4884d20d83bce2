package venue.core.edition.edition;

import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;

/** Segments among siblings: each stands once. */
public final class Segments {

    private Segments() {}

    /** {@code wanted}, or the first of wanted-2, wanted-3, … that no sibling has. */
    public static String free(Edition edition, @Nullable String parent, String wanted, @Nullable String except) {
        return firstFree(
                segment -> edition.plan().called(parent, segment).stream().anyMatch(id -> !id.equals(except)), wanted);
    }

    /** The same among segments that are taken. */
    public static String firstFree(Set<String> taken, String wanted) {
        return firstFree(taken::contains, wanted);
    }

    private static String firstFree(Predicate<String> taken, String wanted) {
        String segment = wanted;
        for (int n = 2; taken.test(segment); n++) {
            String end = "-" + n;
            int room = Segment.LONGEST - end.length();
            segment = (wanted.length() > room ? wanted.substring(0, room) : wanted).replaceAll("-+$", "") + end;
        }
        return segment;
    }

    /** Refuses a segment that a sibling has, naming the sibling. */
    public static void requireFree(Edition edition, @Nullable String parent, String segment, @Nullable String except) {
        Optional<Page> other = edition.plan().called(parent, segment).stream()
                .filter(id -> !id.equals(except))
                .map(id -> edition.require(Page.class, id))
                .findFirst();
        if (other.isPresent()) {
            throw Refusal.conflict(
                    "segment-taken",
                    "segment",
                    "“" + other.get().title() + "” has this address already.",
                    "Take another, for example “" + free(edition, parent, segment, except) + "”.");
        }
    }
}
