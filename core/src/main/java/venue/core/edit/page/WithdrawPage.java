package venue.core.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.edition.Homes;
import venue.core.page.Page;

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
