package venue.core.edit;

import java.util.List;
import venue.core.page.Page;

/** Takes a page off the site, keeping its address, or puts it back. The home page can't be taken off. */
public record WithdrawPage(String page, boolean withdrawn) implements Command {

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
