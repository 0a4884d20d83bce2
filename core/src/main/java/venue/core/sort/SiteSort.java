package venue.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.GroupUse;
import venue.core.model.page.Page;
import venue.core.model.property.PropertyCheck;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;

/** The site itself. */
final class SiteSort extends Sort<Site> {

    SiteSort() {
        super(Site.class);
    }

    @Override
    Optional<Item> anew(Site site, String id, Walk walk) {
        return Optional.of(site.withLook(walk.needed(site.look()).orElse(site.look()))
                .withFallback(walk.needed(site.fallbackTemplate()).orElse(site.fallbackTemplate()))
                .withHome(site.home() == null ? null : walk.named(site.home()).orElse(null))
                .withFacts(walk.needed(SiteFacts.all(), site.facts()))
                .withFoot(site.foot().stream()
                        .flatMap(f -> walk.needed(f).stream())
                        .toList()));
    }

    @Override
    Stream<String> groups(Site site) {
        return GroupUse.gate(site.facts());
    }

    @Override
    Optional<Item> called(Site site, String name) {
        return Optional.empty();
    }

    @Override
    Item checked(Site site, WholeCheck check) {
        PropertyCheck.all(SiteFacts.all(), site.facts(), "facts");
        return site;
    }

    @Override
    List<String> tells(@Nullable Site live, Site working, Between between) {
        return live == null ? List.of("The site itself") : SiteTelling.says(live, working, between);
    }

    @Override
    Stream<String> needs(Site site, Between between) {
        return between.missing(Stream.of(
                        Stream.of(site.look(), site.fallbackTemplate()),
                        site.foot().stream(),
                        between.working().home().map(Page::id).stream())
                .flatMap(ids -> ids));
    }

    @Override
    Optional<Item> toVisitors(Site site) {
        return Optional.of(site.toVisitors());
    }

    @Override
    Item carried(Site site) {
        return site.withHosts(List.of());
    }

    @Override
    Optional<Item> bare(Site site, Bare bare) {
        return Optional.of(site.withoutFacts());
    }

    @Override
    Optional<String> likeness(Site site) {
        return Optional.of(Site.ID);
    }

    /** A site keeps the name and the host names that it has here, whatever a pack brings. */
    @Override
    Optional<Item> arriving(Site site, Arrival at) {
        Site now = at.here().site();
        return Optional.of(site.described(now.name(), now.language(), now.zone())
                .withHosts(now.hosts())
                .withHome(site.home() == null ? now.home() : site.home())
                .withPatternGroups(site.patternGroups().isEmpty() ? now.patternGroups() : site.patternGroups()));
    }

    @Override
    ReachedPages reach(Site site, Edition edition) {
        return ReachedPages.all(edition);
    }
}
