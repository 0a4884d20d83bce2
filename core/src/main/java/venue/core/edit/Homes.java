package venue.core.edit;

import java.util.List;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;

/** What may not happen to the home page. */
final class Homes {

    private Homes() {}

    static void requireNotAmong(Edition edition, List<String> pages, String what) {
        edition.home().filter(h -> pages.contains(h.id())).ifPresent(home -> {
            throw Refusal.conflict(
                    "home-stays",
                    "page",
                    "“" + home.title() + "” is the home page and can't be " + what + ".",
                    "Make another page the home page first.");
        });
    }
}
