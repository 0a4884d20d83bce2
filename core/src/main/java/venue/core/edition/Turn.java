package venue.core.edition;

import org.jspecify.annotations.Nullable;
import venue.core.item.Item;

/** What a change does to one item; an absent side means that it is not there. */
record Turn(@Nullable Item before, @Nullable Item after) {}
