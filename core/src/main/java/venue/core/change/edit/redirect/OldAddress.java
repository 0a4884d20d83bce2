package venue.core.change.edit.redirect;

import java.util.Locale;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.SitePath;
import venue.core.edition.edition.Edition;
import venue.core.model.redirect.Redirect;

/** The addresses about which something may be said by hand: those at which no page stands. */
final class OldAddress {

    private static final String BRANCH = "/*";

    private OldAddress() {}

    /** In small letters: whoever asks in others arrives as well. With {@code /*} at its end, a whole branch is meant. */
    static String of(Edition edition, String typed) {
        String whole = typed.strip();
        boolean branch = whole.endsWith(BRANCH);
        String path = SitePath.right(branch ? whole.substring(0, whole.length() - 1) : whole)
                .toLowerCase(Locale.ROOT);
        if (!path.matches("/[^?#%*\\s\\p{Cntrl}]+")
                || path.length() > Redirect.LONGEST - BRANCH.length()
                || path.startsWith("/-/")
                || path.equals("/-")) {
            throw Refusal.badInput(
                    "no-path",
                    "from",
                    "“" + typed.substring(0, Math.min(80, typed.length())) + "” can’t lead on.",
                    "Give what stands behind the site’s name: it begins with a slash, has no spaces, ? or #, does not"
                            + " begin with /-/, and has a * at its end alone: /shop/* is /shop and everything beneath it.");
        }
        if (!branch) {
            requireFree(edition, path);
        }
        return branch ? path + BRANCH : path;
    }

    private static void requireFree(Edition edition, String path) {
        edition.plan().pageAt(path).flatMap(edition::page).ifPresent(page -> {
            throw Refusal.conflict(
                    "page-there",
                    "from",
                    "“" + page.title() + "” stands at " + path + ".",
                    "Give the page another address first, or choose another one.");
        });
    }
}
