package venue.core.edition;

import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.item.Item;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.section.SharedSection;
import venue.core.template.Template;

/** What a change leaves as it was, so that the next edition need not work it out again. */
final class Kept {

    private final FactsCache facts;
    private final Set<Class<? extends Item>> touched = new HashSet<>();
    private boolean places = true;
    private boolean links = true;

    Kept(FactsCache facts) {
        this.facts = facts;
    }

    /** Looks at one item before and after; an absent side means it was not there. */
    void see(@Nullable Item before, @Nullable Item after) {
        note(before);
        note(after);
        if (before instanceof Page was && after instanceof Page is) {
            places &= keepsPlace(was, is);
            links &= keepsLinks(was, is);
        } else if (before instanceof Page || after instanceof Page) {
            places = false;
            links = false;
        }
    }

    private void note(@Nullable Item item) {
        if (item != null) {
            touched.add(item.getClass());
            links &= !(item instanceof Menu || item instanceof Template || item instanceof SharedSection);
        }
    }

    private static boolean keepsPlace(Page was, Page is) {
        return Objects.equals(was.parent(), is.parent())
                && was.position() == is.position()
                && was.segment().equals(is.segment())
                && was.kind().equals(is.kind())
                && was.withdrawn() == is.withdrawn();
    }

    private boolean keepsLinks(Page was, Page is) {
        PageFacts then = facts.of(was);
        PageFacts now = facts.of(is);
        return then.pages().equals(now.pages())
                && then.listed().equals(now.listed())
                && then.shared().equals(now.shared());
    }

    boolean places() {
        return places;
    }

    boolean links() {
        return links;
    }

    Set<Class<? extends Item>> touched() {
        return touched;
    }
}
