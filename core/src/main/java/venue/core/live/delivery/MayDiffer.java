package venue.core.live.delivery;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ShowsOthers;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;

/**
 * Which pages a change may make others as visitors get them, whole: header, footer and listings too. What changes the text of pages, or a
 * template, reaches few; what changes titles, places, menus, the look or the site may reach all.
 */
public final class MayDiffer {

    private final Edition before;
    private final Edition after;
    private final Set<String> pages = new HashSet<>();

    private MayDiffer(Edition before, Edition after) {
        this.before = before;
        this.after = after;
    }

    /**
     * Ids of the pages that may be others; empty where that may be all of them.
     *
     * @param changed ids of the items that are not what they were
     */
    public static Optional<Set<String>> pages(Edition before, Edition after, Collection<String> changed) {
        MayDiffer differs = new MayDiffer(before, after);
        for (String id : changed) {
            if (!differs.reachesFew(id)) {
                return Optional.empty();
            }
        }
        return differs.told(changed) ? Optional.of(differs.pages) : Optional.empty();
    }

    private boolean reachesFew(String id) {
        Optional<Item> was = before.find(id);
        Optional<Item> is = after.find(id);
        if (isOne(Pattern.class, was, is)) {
            return true;
        }
        if (was.isEmpty() || is.isEmpty()) {
            return false;
        }
        if (isOne(Page.class, was, is)) {
            pages.add(id);
            return bare((Page) was.get()).equals(bare((Page) is.get()));
        }
        if (isOne(Template.class, was, is)) {
            return wearing(id);
        }
        return isOne(SharedSection.class, was, is) && standing(id);
    }

    private static boolean isOne(Class<? extends Item> sort, Optional<Item> was, Optional<Item> is) {
        return Stream.of(was, is).flatMap(Optional::stream).allMatch(sort::isInstance);
    }

    /** All that others may show of it. */
    private static Page bare(Page page) {
        return page.withTemplate(page.template(), new Zones(Map.of()), List.of())
                .withTaken(null);
    }

    private boolean wearing(String template) {
        if (template.equals(Template.NOT_FOUND)) {
            return true;
        }
        in(e -> e.all(Page.class)
                .filter(p -> e.worn(p).template().id().equals(template))
                .map(Item::id));
        return true;
    }

    private boolean standing(String shared) {
        if (before.site().foot().contains(shared) || after.site().foot().contains(shared)) {
            return false;
        }
        for (Edition edition : List.of(before, after)) {
            for (String id : edition.inbound().sharing(shared)) {
                if (edition.page(id).isPresent()) {
                    pages.add(id);
                } else if (edition.find(Template.class, id).isEmpty() || !wearing(id)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** What shows the text of others, or when they changed, where that is any page's. */
    private boolean told(Collection<String> changed) {
        return changed.stream().allMatch(id -> after.find(Pattern.class, id).isPresent())
                || ShowsOthers.in(after).stream().allMatch(this::tells);
    }

    private boolean tells(String id) {
        if (after.page(id).isPresent()) {
            pages.add(id);
            return true;
        }
        return after.find(Template.class, id).isPresent() ? wearing(id) : standing(id);
    }

    private void in(Function<Edition, Stream<String>> found) {
        found.apply(before).forEach(pages::add);
        found.apply(after).forEach(pages::add);
    }
}
