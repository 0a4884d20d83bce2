package venue.core.check.survey;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Function;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;

/**
 * What a survey knows besides what it looks at.
 *
 * @param past finds a content by its hash, as it was once
 * @param today the day by the clocks of the site
 */
public record Known(Function<Hash, Optional<Item>> past, LocalDate today) {

    /** Of no past, on a day before all others. */
    public static final Known NOTHING = new Known(hash -> Optional.empty(), LocalDate.MIN);
}
