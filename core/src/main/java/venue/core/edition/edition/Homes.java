package venue.core.edition.edition;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.model.gate.Gate;
import venue.core.model.page.Page;
import venue.core.model.site.BoundPage;

/** What may not happen to the home page, and to the other pages that have a task. */
public final class Homes {

    private Homes() {}

    public static void requireNotAmong(Edition edition, List<String> pages, String what) {
        edition.home().filter(h -> pages.contains(h.id())).ifPresent(home -> {
            throw Refusal.conflict(
                    "home-stays",
                    "page",
                    "“" + home.title() + "” is the home page and can't be " + what + ".",
                    "Make another page the home page first.");
        });
        for (BoundPage task : BoundPage.values()) {
            task.of(edition.site())
                    .filter(pages::contains)
                    .flatMap(edition::page)
                    .ifPresent(page -> {
                        throw Refusal.conflict(
                                "bound-stays",
                                "page",
                                "“" + page.title() + "” is the site’s page “"
                                        + task.property().label() + "” and can't be " + what + ".",
                                "Choose another page for that first, in the Site settings under Pages with a task.");
                    });
        }
    }

    /** Refuses a home page that has a gate of its own: it is closed with the whole site, and by nothing else. */
    public static void requireOpen(Page home) {
        if (Gate.in(home.settings()).filter(g -> !g.isOpen()).isPresent()) {
            throw Refusal.conflict(
                    "home-closed",
                    "gate",
                    "“" + home.title() + "” is the home page: it is closed with the whole site, and not alone.",
                    "Close the whole site under Site settings, and leave open what everyone may see.");
        }
    }

    /** Refuses a page as home that is not for everyone for whom the site is: it would be open from one moment to the next. */
    public static void requireOpenAsSite(Edition edition, Page page) {
        Gates gates = Gates.of(edition);
        Gates.Held held = gates.of(page);
        if (!held.gate().isOpen() && !held.gate().equals(gates.ofSite())) {
            throw Refusal.conflict(
                    "home-closed",
                    "page",
                    "“" + page.title() + "” is not for everyone, and the home page is.",
                    "Say first that everyone may see it, or choose another page.");
        }
    }

    /** Refuses a home page that is taken off, itself or with one above it. */
    public static void requireShown(Edition edition, Page home) {
        Stream.concat(
                        Stream.of(home),
                        edition.plan().ancestors(home.id()).stream().map(id -> edition.require(Page.class, id)))
                .filter(Page::withdrawn)
                .findFirst()
                .ifPresent(off -> {
                    throw Refusal.conflict(
                            "home-withdrawn",
                            "page",
                            "“" + off.title() + "” is taken off the site, so it can't be or hold the home page.",
                            "Put it back first.");
                });
    }
}
