package venue.core.change.edit.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ordered;
import venue.core.model.property.PropertyType;

/** Pages in an order of their own, once and from then on. */
class OrderBeneathTest {

    @Property(tries = 80)
    void aBranchThatKeepsItselfInOrderStaysInItWhateverPeopleDo(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition now = Sites.after(Sites.small(), PageCommand.orderBeneath("workshops", "title", false, true));
        for (int i = 0; i < 25; i++) {
            now = mischief.upon(now, 1);
            Edition site = now;
            site.plan()
                    .inOrder()
                    .forEach(page -> Ordered.kept(site, page)
                            .ifPresent(order ->
                                    assertThat(site.plan().beneath(page)).isEqualTo(Ordered.of(site, page, order))));
        }
    }

    @Test
    void pagesStandByADateThoseWithoutOneLastAndAHandFindsItsOrderHeld() {
        Edition site = Sites.after(
                Sites.small(),
                KindCommand.setFields(
                        "standard",
                        List.of(venue.core.model.property.Property.of("opens", "Opens", PropertyType.DATE))));
        for (String page : List.of("b", "a", "c")) {
            site = Sites.after(
                    site,
                    NewPages.one("standard", page, "Page " + page)
                            .beneath("workshops")
                            .made());
        }
        site = Sites.after(site, ValueCommand.setValue("a", null, null, "opens", Value.of("2026-03-01")));
        site = Sites.after(site, ValueCommand.setValue("c", null, null, "opens", Value.of("2026-05-01")));
        Edition once = Sites.after(site, PageCommand.orderBeneath("workshops", "opens", true, false));
        assertThat(once.plan().beneath("workshops")).startsWith("c", "a", "b");
        Edition kept = Sites.after(once, PageCommand.orderBeneath("workshops", "opens", false, true));
        Edition later = Sites.after(kept, ValueCommand.setValue("b", null, null, "opens", Value.of("2026-04-01")));
        assertThat(later.plan().beneath("workshops")).startsWith("a", "b", "c");
        assertThatThrownBy(() -> Sites.after(later, PageCommand.movePage("c", "workshops", "a")))
                .hasFieldOrPropertyWithValue("code", "keeps-order");
        Edition byHand = Sites.after(later, PageCommand.orderBeneath("workshops", null, false, false));
        assertThat(Sites.after(byHand, PageCommand.movePage("c", "workshops", "a"))
                        .plan()
                        .beneath("workshops"))
                .startsWith("c", "a", "b");
        assertThatThrownBy(() -> Sites.after(later, PageCommand.orderBeneath("workshops", "colour", false, false)))
                .hasFieldOrPropertyWithValue("code", "no-order");
    }
}
