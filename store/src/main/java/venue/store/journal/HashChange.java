package venue.store.journal;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;

/** What a step or release did to one item, as hashes; an absent side means the item was not there. */
public record HashChange(
        String item, @Nullable Hash before, @Nullable Hash after) {}
