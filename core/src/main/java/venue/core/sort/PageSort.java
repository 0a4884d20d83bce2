package venue.core.sort;

import java.util.List;
import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/** Pages, which show on themselves. */
final class PageSort extends Sort<Page> {

    PageSort() {
        super(Page.class);
    }

    @Override
    Optional<Item> anew(Page page, String id, Walk walk) {
        return Optional.of(new Page(
                id,
                page.title(),
                page.segment(),
                page.parent() == null ? null : walk.named(page.parent()).orElse(null),
                page.position(),
                walk.needed(page.kind()).orElse(page.kind()),
                walk.of(page.template()),
                walk.zones(page.zones()),
                walk.sections(page.shelf()),
                walk.fields(page.kind(), page.fields()),
                walk.named(Differing.NAMING, page.settings()),
                page.withdrawn(),
                page.taken() == null ? null : walk.past(page.taken())));
    }

    @Override
    Optional<Item> called(Page page, String name) {
        return Optional.of(page.withTitle(name));
    }

    @Override
    ReachedPages reach(Page page, Edition edition) {
        return ReachedPages.listed(List.of(page.id()));
    }
}
