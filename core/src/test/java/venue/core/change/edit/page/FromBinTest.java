package venue.core.change.edit.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/** Into the bin and out of it again, nothing is lost. */
class FromBinTest {

    @Property(tries = 150)
    void whatIsRemovedAndBroughtBackIsAsBefore(@ForAll long seed) {
        Edition site = new Mischief(seed).upon(Sites.small(), 25);
        String home = site.home().orElseThrow().id();
        List<String> may = site.plan()
                .inOrder()
                .filter(id -> site.plan().subtree(id).noneMatch(home::equals))
                .toList();
        if (may.isEmpty()) {
            return;
        }
        String page = may.get(new Random(seed).nextInt(may.size()));
        Edition removed = Sites.after(site, PageCommand.removePage(page));
        Edition back = Sites.after(removed, back(site, page));
        assertThat(new HashSet<>(back.items())).isEqualTo(new HashSet<>(site.items()));
    }

    private static PageCommand back(Edition was, String page) {
        List<Page> pages =
                was.plan().subtree(page).map(id -> was.require(Page.class, id)).toList();
        return PageCommand.fromBin(pages, was.all(Menu.class).toList());
    }

    @Test
    void aPageWhoseAddressIsTakenAndWhoseParentIsGoneComesBackBesideWhatIsThere() {
        Edition site = Sites.small();
        Edition without = Sites.after(site, PageCommand.removePage("workshops"));
        Edition other =
                Sites.after(without, NewPages.one("standard", "new", "Weaving").made());
        Page back = Sites.after(other, back(site, "weaving")).require(Page.class, "weaving");
        assertThat(back.parent()).isNull();
        assertThat(back.segment()).isEqualTo("weaving-2");
        assertThatThrownBy(() -> Sites.after(site, back(site, "weaving")))
                .hasFieldOrPropertyWithValue("code", "in-plan");
    }
}
