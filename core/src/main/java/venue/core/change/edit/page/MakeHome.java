package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Homes;
import venue.core.model.page.Page;

/** Makes a page the home page, served at {@code /}. What it wears does not change. */
@JsonTypeName("make-home")
record MakeHome(String page) implements PageCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page home = edition.require(Page.class, page);
        Homes.requireShown(edition, home);
        Homes.requireOpenAsSite(edition, home);
        return Change.of("home page " + home.title(), edition.site().withHome(page));
    }
}
