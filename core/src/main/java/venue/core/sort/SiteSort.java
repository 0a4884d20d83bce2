package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;

/** The site itself. */
final class SiteSort extends Sort<Site> {

    SiteSort() {
        super(Site.class);
    }

    @Override
    Optional<Item> anew(Site site, String id, Walk walk) {
        return Optional.of(new Site(
                Site.ID,
                site.name(),
                site.hosts(),
                site.language(),
                site.zone(),
                site.home() == null ? null : walk.named(site.home()).orElse(null),
                walk.needed(site.look()).orElse(site.look()),
                walk.needed(site.fallbackTemplate()).orElse(site.fallbackTemplate()),
                walk.needed(SiteFacts.all(), site.facts()),
                site.foot().stream().flatMap(f -> walk.needed(f).stream()).toList(),
                site.patternGroups()));
    }

    @Override
    Optional<Item> called(Site site, String name) {
        return Optional.empty();
    }

    @Override
    ReachedPages reach(Site site, Edition edition) {
        return ReachedPages.all(edition);
    }
}
