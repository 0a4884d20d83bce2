package venue.core.change.edit.redirect;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.link.SitePath;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/**
 * Lets an address at which no page stands lead to a page, which it follows wherever that moves, or to another site.
 *
 * @param from a path on the site
 */
@JsonTypeName("lead-on")
record LeadOn(String from, Link to) implements RedirectCommand {

    private static final int LONGEST = 500;

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        String path = path(from);
        edition.plan().pageAt(path).flatMap(edition::page).ifPresent(page -> {
            throw Refusal.conflict(
                    "page-there",
                    "from",
                    "“" + page.title() + "” stands at " + path + ".",
                    "Give the page another address first, or choose another one.");
        });
        String name = to.pageId().isPresent()
                ? edition.require(Page.class, to.pageId().get()).title()
                : outside(edition);
        return new Change("lead " + path + " to " + name, List.of(Redirect.of(path, to)), List.of());
    }

    private String outside(Edition edition) {
        String host =
                to.target().matches("https?://.*") ? URI.create(to.target()).getHost() : null;
        if (host == null) {
            throw Refusal.badInput(
                    "leads-nowhere",
                    "to",
                    "An address leads to a page of the site, or to another site.",
                    "Choose a page, or give an address that begins with https:// or http://.");
        }
        if (edition.site().hosts().contains(host.toLowerCase(Locale.ROOT))) {
            throw Refusal.badInput(
                    "own-site",
                    "to",
                    "That is an address of this site, which would be asked twice.",
                    "Choose the page that stands there.");
        }
        return host;
    }

    /** In small letters: whoever asks in others arrives as well. */
    private static String path(String typed) {
        String path = SitePath.right(typed.strip()).toLowerCase(Locale.ROOT);
        if (!path.matches("/[^?#%\\s\\p{Cntrl}]+")
                || path.length() > LONGEST
                || path.startsWith("/-/")
                || path.equals("/-")) {
            throw Refusal.badInput(
                    "no-path",
                    "from",
                    "“" + typed.substring(0, Math.min(80, typed.length())) + "” can’t lead on.",
                    "Give what stands behind the site’s name: it begins with a slash, has no spaces, ? or #, and does not"
                            + " begin with /-/.");
        }
        return path;
    }
}
