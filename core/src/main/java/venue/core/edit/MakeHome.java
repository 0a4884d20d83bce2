package venue.core.edit;

import java.util.List;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.page.Page;

/** Makes a page the home page, served at {@code /}. What it wears does not change. */
public record MakeHome(String page) implements Command {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page home = edition.require(Page.class, page);
        List<Page> off = java.util.stream.Stream.concat(
                        java.util.stream.Stream.of(home),
                        edition.plan().ancestors(page).stream().map(id -> edition.require(Page.class, id)))
                .filter(Page::withdrawn)
                .toList();
        if (!off.isEmpty()) {
            throw Refusal.conflict(
                    "home-withdrawn",
                    "page",
                    "“" + off.get(0).title() + "” is taken off the site, so it can't be or hold the home page.",
                    "Put it back first.");
        }
        return Change.of("home page " + home.title(), edition.site().withHome(page));
    }
}
