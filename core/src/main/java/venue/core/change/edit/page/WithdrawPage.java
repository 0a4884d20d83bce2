package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Homes;
import venue.core.model.page.Page;

/** Takes a page off the site, keeping its address, or puts it back. The home page can't be taken off. */
@JsonTypeName("withdraw-page")
record WithdrawPage(String page, boolean withdrawn) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        if (withdrawn) {
            List<String> hidden = desk.edition().plan().subtree(page).toList();
            Homes.requireNotAmong(desk.edition(), hidden, "taken off");
        }
        return Change.of((withdrawn ? "take off " : "put back ") + target.title(), target.withWithdrawn(withdrawn));
    }
}
