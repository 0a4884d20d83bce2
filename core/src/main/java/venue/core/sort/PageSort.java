package venue.core.sort;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.usage.GroupUse;
import venue.core.model.page.Page;

/** Pages, which show on themselves. */
final class PageSort extends Sort<Page> {

    PageSort() {
        super(Page.class);
    }

    @Override
    Optional<Item> anew(Page page, String id, Walk walk) {
        return Optional.of(page.withId(id)
                .withKind(walk.needed(page.kind()).orElse(page.kind()))
                .withPlace(
                        page.parent() == null ? null : walk.named(page.parent()).orElse(null), page.position())
                .withTemplate(walk.of(page.template()), walk.zones(page.zones()), walk.sections(page.shelf()))
                .withFields(walk.fields(page.kind(), page.fields()))
                .withSettings(walk.named(Differing.NAMING, page.settings()))
                .withTaken(page.taken() == null ? null : walk.past(page.taken())));
    }

    @Override
    Stream<String> groups(Page page) {
        return Stream.concat(GroupUse.gate(page.settings()), GroupUse.sections(page));
    }

    @Override
    Optional<Item> called(Page page, String name) {
        return Optional.of(page.withTitle(name));
    }

    @Override
    Item checked(Page page, WholeCheck check) {
        return WholeCheck.sections(check.page(page));
    }

    @Override
    List<String> tells(@Nullable Page live, Page working, Between between) {
        return new PageTelling(between).says(live, working);
    }

    @Override
    List<String> tellsGone(Page live, Between between) {
        return List.of("Removed from " + between.live().plan().address(live.id()));
    }

    /** Ancestors, kind, template and pictures that visitors don't have yet; the site when the page becomes home, or stops being it. */
    @Override
    Stream<String> needs(Page page, Between between) {
        Edition working = between.working();
        Stream<String> above = Stream.concat(
                working.plan().ancestors(page.id()).stream(),
                Stream.of(page.kind(), working.worn(page).template().id()));
        Stream<String> site =
                page.withdrawn() || working.isHome(page) ? between.siteOf(page.id(), page.withdrawn()) : Stream.empty();
        return Stream.of(
                        site,
                        between.missing(above),
                        between.missing(working.facts(page)),
                        between.missing(PageFacts.of(List.of(), Differing.NAMING, page.settings())))
                .flatMap(s -> s);
    }

    @Override
    boolean isShapedAlike(Page was, Edition before, Page is, Edition after) {
        return was.kind().equals(is.kind())
                && Objects.equals(was.template(), is.template())
                && before.facts(was)
                        .shows()
                        .shared()
                        .equals(after.facts(is).shows().shared());
    }

    /** The pages beneath it. */
    @Override
    List<Page> along(Page page, Edition edition, boolean withEntries) {
        return edition.plan()
                .subtree(page.id())
                .skip(1)
                .map(id -> edition.require(Page.class, id))
                .toList();
    }

    @Override
    Optional<Item> bare(Page page, Bare bare) {
        return Optional.of(bare.page(page));
    }

    @Override
    Optional<Item> arriving(Page page, Arrival at) {
        return Optional.of(at.placed(page));
    }

    @Override
    ReachedPages reach(Page page, Edition edition) {
        return ReachedPages.listed(List.of(page.id()));
    }
}
