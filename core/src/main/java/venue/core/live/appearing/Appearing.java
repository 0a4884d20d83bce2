package venue.core.live.appearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Branch;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.usage.GateWords;
import venue.core.live.sitemap.Sitemap;
import venue.core.model.gate.Gate;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings.Listed;

/**
 * Every place in which a page appears or doesn't, with the reason: the one function that the plan's lanes, the page's card and the table
 * of the plan ask.
 */
public final class Appearing {

    private Appearing() {}

    /** What sort of place it is. */
    public enum Sort {
        MENU,
        SIDE_NAVIGATION,
        CONTENTS,
        NEIGHBOURS,
        SITEMAP
    }

    /** Whether a page appears there. */
    public enum How {
        IN,
        /** It stands there by itself, because a line follows its branch. */
        FOLLOWS,
        /** It will, once it is released. */
        WAITS,
        OUT
    }

    /**
     * A place.
     *
     * @param menu id of the menu, where it is one
     * @param name what people call it
     * @param why the reason, in a few words; empty where nothing needs saying
     */
    public record Place(Sort sort, @Nullable String menu, String name, How how, String why) {}

    /** The menus first, in their order, then lists that pages stand in by themselves, then the sitemap. */
    public static List<Place> of(Edition edition, Edition live, Page page) {
        Optional<String> hidden = hidden(edition, live, page);
        List<Place> places = new ArrayList<>();
        edition.menus().forEach(m -> places.add(inMenu(edition, m, page, hidden)));
        String why = hidden.orElseGet(() -> alone(edition, page));
        How how = hidden.isEmpty() ? How.IN : How.WAITS;
        places.add(listed(new Place(Sort.SIDE_NAVIGATION, null, "side navigation", how, why), Listed.AROUND, page));
        places.add(listed(new Place(Sort.CONTENTS, null, "contents of the site", how, why), Listed.INDEX, page));
        places.add(listed(
                new Place(Sort.NEIGHBOURS, null, "before and after other pages", how, why), Listed.NEIGHBOURS, page));
        places.add(inSitemap(edition, live, page));
        return List.copyOf(places);
    }

    private static boolean isDraft(Edition live, Page page) {
        return live.page(page.id()).isEmpty();
    }

    /** Why visitors can't see the page; empty when they can. */
    private static Optional<String> hidden(Edition edition, Edition live, Page page) {
        if (!edition.plan().isShown(page.id())) {
            return Optional.of(page.withdrawn() ? "taken off the site" : "a page above it is taken off the site");
        }
        return isDraft(live, page) ? Optional.of("shows when the page is released") : Optional.empty();
    }

    /** To whom alone lists and menus show it; empty where they show it to everyone. */
    private static String alone(Edition edition, Page page) {
        Gate gate = Gates.of(edition).of(page).gate();
        return gate.isOpen() ? "" : "for " + GateWords.of(edition, gate.audience()) + " alone";
    }

    private static Place inMenu(Edition edition, Menu menu, Page page, Optional<String> hidden) {
        Optional<Line> line = menu.lineTo(page.id());
        if (line.isPresent()) {
            String above = menu.above(line.get().id())
                    .map(l -> "beneath " + l.words(edition::page))
                    .orElse("");
            return new Place(
                    Sort.MENU,
                    menu.id(),
                    menu.name(),
                    hidden.isEmpty() ? How.IN : How.WAITS,
                    hidden.map(h -> "its line waits: " + h).orElseGet(() -> both(above, alone(edition, page))));
        }
        return Branch.over(edition, menu, page.id())
                .map(over -> new Place(
                        Sort.MENU,
                        menu.id(),
                        menu.name(),
                        How.FOLLOWS,
                        both(
                                "by itself: “" + over.words(edition::page) + "” follows its branch",
                                alone(edition, page))))
                .orElseGet(() -> new Place(Sort.MENU, menu.id(), menu.name(), How.OUT, "no line leads to it"));
    }

    private static Place listed(Place in, Listed list, Page page) {
        return list.holds(page) ? in : new Place(in.sort(), null, in.name(), How.OUT, "its settings keep it out");
    }

    private static String both(String one, String other) {
        return one.isEmpty() || other.isEmpty() ? one + other : one + ", " + other;
    }

    /** Its place in the sitemap. */
    public static Place inSitemap(Edition edition, Edition live, Page page) {
        Optional<String> out = Sitemap.whyNot(edition, page.id());
        boolean draft = isDraft(live, page);
        String why =
                out.or(() -> Sitemap.whyNot(live, page.id()).filter(w -> draft)).orElse("");
        How how = why.isEmpty() ? How.IN : draft && !page.withdrawn() ? How.WAITS : How.OUT;
        return new Place(Sort.SITEMAP, null, "sitemap", how, why);
    }
}
