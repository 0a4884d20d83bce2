package venue.core.edition.edition;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.kind.Kind;

/** What a change does to one item; an absent side means that it is not there. */
record Turn(@Nullable Item before, @Nullable Item after) {

    /** Whether a kind declares other fields now: then what its pages' values name may be something else. */
    boolean isOfFields() {
        if (before instanceof Kind was && after instanceof Kind is) {
            return !was.fields().equals(is.fields());
        }
        return before instanceof Kind || after instanceof Kind;
    }
}
