package venue.core.change.edit.redirect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.Sites;
import venue.core.basics.link.Link;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.address.AddressTable;
import venue.core.live.address.AddressTable.Does;
import venue.core.live.address.AddressTable.Row;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

class RedirectCommandTest {

    private final Edition site = Sites.small();

    @Test
    void anAddressLeadsToAPageWhereverThatMovesUntilItIsTakenAway() {
        Edition led = Sites.after(site, RedirectCommand.leadOn(" /Star//Party/ ", Link.toPage("weaving")));
        Edition moved = Sites.after(led, PageCommand.movePage("weaving", null, null));
        assertThat(Addresses.of(moved, Visitor.US).at("/STAR/party"))
                .isEqualTo(new AtAddress.Moved(moved.require(Page.class, "weaving"), ""));
        Edition ended = Sites.after(moved, RedirectCommand.endLeading("/star/party"));
        assertThat(Addresses.of(ended, Visitor.US).at("/star/party")).isEqualTo(new AtAddress.Nothing());
        Edition away = Sites.after(site, RedirectCommand.leadOn("/shop", new Link("https://shop.example/a?b")));
        assertThat(Addresses.of(away, Visitor.US).at("/shop"))
                .isEqualTo(new AtAddress.Elsewhere("https://shop.example/a?b"));
    }

    @Test
    void aWholeBranchLeadsOnOrIsGoneButForWhatSaysMore() {
        Edition led = Sites.after(site, RedirectCommand.leadOn("/shop/*", new Link("page:weaving#looms")));
        Edition gone = Sites.after(led, RedirectCommand.sayGone("/shop/2019/*"));
        Edition all = Sites.after(
                Sites.after(gone, RedirectCommand.sayGone("/shop/mugs")),
                RedirectCommand.leadOn("/workshops/*", Link.toPage("home")));
        Page weaving = all.require(Page.class, "weaving");
        Addresses addresses = Addresses.of(all, Visitor.US);
        assertThat(addresses.at("/Shop/")).isEqualTo(new AtAddress.Moved(weaving, "#looms"));
        assertThat(addresses.at("/shop/a/b")).isEqualTo(new AtAddress.Moved(weaving, "#looms"));
        assertThat(addresses.at("/shopping")).isEqualTo(new AtAddress.Nothing());
        assertThat(addresses.at("/shop/2019/a")).isEqualTo(new AtAddress.Gone());
        assertThat(addresses.at("/shop/mugs")).isEqualTo(new AtAddress.Gone());
        assertThat(addresses.at("/workshops/weaving")).isEqualTo(new AtAddress.Here(weaving));
        Edition removed = Sites.after(all, PageCommand.removePage("weaving"));
        Edition live = ReleasePlan.of(all, removed).prepare(List.of("weaving")).live();
        assertThat(Addresses.of(live, Visitor.US).at("/workshops/weaving"))
                .as("a branch says more than that a page is gone")
                .isEqualTo(new AtAddress.Moved(live.require(Page.class, "home"), ""));
    }

    @Test
    void aTableOfAddressesIsReadAsItWasWrittenAndRowByRow() {
        Edition led = Sites.after(
                Sites.after(site, RedirectCommand.leadOn("/shop/*", new Link("page:weaving#looms"))),
                RedirectCommand.sayGone("/old"));
        String csv = AddressTable.csv(led);
        assertThat(AddressTable.read(Sites.desk(led), csv))
                .extracting(Row::does)
                .containsOnly(Does.NOTHING);
        assertThat(AddressTable.read(Sites.desk(site), csv))
                .extracting(Row::does)
                .containsOnly(Does.NEW);
        String rows = "From,To\n/old,https://a.example/\n/OLD/,gone\n/workshops,gone\n/x,/nowhere\n/new,/workshops/";
        assertThat(AddressTable.read(Sites.desk(led), rows))
                .extracting(Row::does)
                .containsExactly(Does.OTHERWISE, Does.REFUSED, Does.REFUSED, Does.REFUSED, Does.NEW);
    }

    @Test
    void aReleaseBringsThePageThatItLeadsToAndWhatWasLiveStays() {
        Edition with = Sites.after(site, NewPages.one("standard", "new", "New").made());
        Edition led = Sites.after(with, RedirectCommand.leadOn("/old", Link.toPage("new")));
        ReleasePlan plan = ReleasePlan.of(site, led);
        String redirect = Redirect.idOf("/old");
        assertThat(plan.closure(List.of(redirect))).containsExactlyInAnyOrder(redirect, "new");
        assertThat(plan.entries())
                .filteredOn(e -> e.item().equals(redirect))
                .flatExtracting(ReleaseEntry::says)
                .containsExactly("New; leads to “New”");
        Edition live = plan.prepare(List.of(redirect)).live();
        assertThatThrownBy(() -> RedirectCommand.endLeading("/old").on(Sites.desk(led, live)))
                .hasFieldOrPropertyWithValue("code", "was-live");
    }

    @Test
    void whatIsSaidByHandHoldsWhereAPageLeavesItsAddress() {
        Edition moved = Sites.after(site, PageCommand.setSegment("weaving", "looms"));
        Edition led = Sites.after(moved, RedirectCommand.leadOn("/workshops/weaving", Link.toPage("home")));
        Edition live = ReleasePlan.of(site, led)
                .prepare(List.of("weaving", Redirect.idOf("/workshops/weaving")))
                .live();
        assertThat(Addresses.of(live, Visitor.US).at("/workshops/weaving"))
                .isEqualTo(new AtAddress.Moved(live.require(Page.class, "home"), ""));
    }

    @ParameterizedTest
    @CsvSource({
        "/workshops/weaving, page:workshops, page-there",
        "/, page:weaving, no-path",
        "old, page:weaving, no-path",
        "/a b, page:weaving, no-path",
        "/-/media/x, page:weaving, no-path",
        "/*, page:weaving, no-path",
        "/a*b, page:weaving, no-path",
        "/old, page:nobody, unknown-page",
        "/old, mailto:a@b.example, leads-nowhere",
        "/old, /workshops, leads-nowhere",
        "/old, http://loomgate.localhost/workshops, own-site"
    })
    void whatCanNotLeadOnIsRefused(String from, String to, String code) {
        assertThatThrownBy(() -> Sites.after(site, RedirectCommand.leadOn(from, new Link(to))))
                .hasFieldOrPropertyWithValue("code", code);
    }
}
