package venue.store.workspace;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.check.survey.Known;
import venue.core.edition.edition.Edition;
import venue.core.live.release.Trace;
import venue.core.model.site.Site;

/**
 * What leads out of the moment at which a site stands.
 *
 * @param contents finds a content by its hash, as it was once
 */
record Past(Function<Hash, Optional<Item>> contents, InstantSource clock, Came came) {

    /** Tells how items came to differ from what visitors have. */
    interface Came {
        Map<String, Trace> of(Set<String> ids);
    }

    /** What a survey knows besides what it looks at. */
    Known known(Edition working) {
        ZoneId zone = working.find(Site.class, Site.ID).map(Site::zone).orElse(ZoneOffset.UTC);
        return new Known(contents, LocalDate.ofInstant(clock.instant(), zone));
    }
}
