package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import venue.core.basics.text.Words;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** What changes when another page becomes the home page, told before it is done. */
public final class HomeEffects {

    private HomeEffects() {}

    /** Sentences, in the order in which a manager asks. */
    public static List<String> of(Edition edition, Edition live, Page next) {
        List<String> told = new ArrayList<>();
        Site site = edition.site();
        String own = edition.plan().address(next.id());
        told.add("/ shows “" + next.title() + "”. Its own address " + own + " will redirect there.");
        Optional<Page> old = edition.home().filter(h -> !h.equals(next));
        old.ifPresent(h -> told.add(
                "“" + h.title() + "” stays and moves to " + edition.plan().address(h.id()) + "."));
        told.add("The sitemap lists / for “" + next.title() + "”, and leaves out " + own
                + old.map(h -> "; " + edition.plan().address(h.id()) + " comes in")
                        .orElse("") + ".");
        int menus = edition.inbound().menusTo(next.id()).size()
                + old.map(h -> edition.inbound().menusTo(h.id()).size()).orElse(0);
        told.add(
                menus == 0
                        ? "No menu line changes."
                        : Words.count(menus, "menu line") + " will lead to other addresses.");
        if (live.page(next.id()).isEmpty()) {
            told.add("“" + next.title() + "” is a draft: it will be released along with the change.");
        }
        menuless(edition, next).ifPresent(told::add);
        told.add("What it wears stays: " + edition.worn(next).template().name() + ". Nothing reaches visitors of "
                + site.name() + " before a release.");
        return told;
    }

    /** What is said of a first page whose template leaves the header out, and the menu with it. */
    public static Optional<String> menuless(Edition edition, Page home) {
        Template worn = edition.worn(home).template();
        return worn.shows("header")
                ? Optional.empty()
                : Optional.of("It wears " + worn.name() + ", which has no header: who comes to / sees no menu there.");
    }
}
