package venue.core.check.survey;

import java.util.Collection;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentSet;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.OnSite;

/**
 * What is surveyed.
 *
 * @param isDraft whether visitors don't have the page yet, by id
 * @param grounded the ids of pages and shared sections in which words stand on something else than their tone
 */
record Scope(
        Edition edition, Predicate<String> isDraft, SearchTitles titles, PersistentSet<String> grounded, Known known) {

    /** The working copy, before any release. */
    static Scope workingCopy(Edition working, Edition live, Known known) {
        return new Scope(working, drafts(live), SearchTitles.of(working), grounded(working), known);
    }

    /** An edition as visitors have it, or would have it. */
    static Scope released(Edition edition, Known known) {
        return new Scope(edition, id -> false, SearchTitles.of(edition), grounded(edition), known);
    }

    private static Predicate<String> drafts(Edition live) {
        return id -> live.page(id).isEmpty();
    }

    /** The same of a later working copy. */
    Scope after(Edition working, Edition live, Collection<String> touched, Known knownNow) {
        if (edition.site() != working.site()) {
            return workingCopy(working, live, knownNow);
        }
        SearchTitles now = titles;
        PersistentSet.Builder<String> ground = grounded.builder();
        for (String id : touched) {
            now = now.after(edition, working, id);
            if (working.find(id).filter(i -> isGrounded(working, i)).isPresent()) {
                ground.add(id);
            } else {
                ground.remove(id);
            }
        }
        return new Scope(working, drafts(live), now, ground.build(), knownNow);
    }

    private static PersistentSet<String> grounded(Edition edition) {
        PersistentSet.Builder<String> ground =
                ExtensionsKt.<String>persistentHashSetOf().builder();
        edition.all(OnSite.class).filter(i -> isGrounded(edition, i)).forEach(i -> ground.add(i.id()));
        return ground.build();
    }

    private static boolean isGrounded(Edition edition, Item item) {
        return item instanceof OnSite shown && edition.facts(shown).grounded();
    }

    /** Whether visitors can see the page: it and all above it are on the site. */
    boolean shows(String page) {
        return edition.plan().isShown(page);
    }

    /** An item's own content, if it has some that visitors see: of a page, or of a section that pages share. */
    Optional<Stand> stand(Item item) {
        return item instanceof OnSite shown ? Stand.of(edition, shown) : Optional.empty();
    }

    /** The item, if it is a page that is on the site, or will be once it is released. */
    Stream<Page> page(Item item) {
        return edition.page(item.id()).filter(p -> shows(p.id())).stream();
    }
}
