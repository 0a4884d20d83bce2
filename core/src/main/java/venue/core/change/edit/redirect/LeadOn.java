package venue.core.change.edit.redirect;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/**
 * Lets an address at which no page stands lead to a page or a section of it, which it follows wherever that moves, or to another
 * site.
 *
 * @param from a path on the site; with {@code /*} at its end, the path and everything beneath it
 */
@JsonTypeName("lead-on")
record LeadOn(String from, Link to) implements RedirectCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        String path = OldAddress.of(edition, from);
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
}
