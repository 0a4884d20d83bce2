package venue.core.edit;

import venue.core.edition.Edition;
import venue.core.page.Page;

/** Makes a page the home page, served at {@code /}. What it wears does not change. */
public record MakeHome(String page) implements ShapesSite {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page home = edition.require(Page.class, page);
        Homes.requireShown(edition, home);
        return Change.of("home page " + home.title(), edition.site().withHome(page));
    }
}
