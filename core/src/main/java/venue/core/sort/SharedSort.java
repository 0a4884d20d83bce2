package venue.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.GroupUse;
import venue.core.model.section.SharedSection;

/** Shared sections: those of some pages, and those of every page. */
final class SharedSort extends Sort<SharedSection> {

    SharedSort() {
        super(SharedSection.class);
    }

    @Override
    Optional<Item> anew(SharedSection shared, String id, Walk walk) {
        return Optional.of(new SharedSection(id, walk.section(shared.section())));
    }

    @Override
    Stream<String> groups(SharedSection shared) {
        return GroupUse.sections(shared);
    }

    @Override
    Optional<Item> called(SharedSection shared, String name) {
        return Optional.of(new SharedSection(shared.id(), shared.section().withName(name)));
    }

    @Override
    Item checked(SharedSection shared, WholeCheck check) {
        return WholeCheck.sections(shared);
    }

    @Override
    List<String> tells(@Nullable SharedSection live, SharedSection working, Between between) {
        long pages = reach(working, between.working()).count();
        return List.of((live == null ? "New; " : "Changed; ") + "shows on " + Words.count(pages, "page"));
    }

    @Override
    Stream<String> needs(SharedSection shared, Between between) {
        return between.missing(between.working().facts(shared));
    }

    @Override
    ReachedPages reach(SharedSection shared, Edition edition) {
        return ReachedPages.listed(
                edition.site().foot().contains(shared.id())
                        ? ReachedPages.everywhere(edition, shared)
                        : ReachedPages.sharing(edition, shared.id()));
    }
}
