package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;

/** What an edition takes over from the one before is what it would have worked out itself. */
class KeptTest {

    @Property(tries = 120)
    void takingOverIsTheSameAsWorkingOutAnew(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition stepByStep = Sites.small();
        for (int i = 0; i < 8; i++) {
            known(stepByStep);
            stepByStep = mischief.upon(stepByStep, 3);
        }
        Edition anew = Edition.of(stepByStep.items());
        assertThat(addresses(stepByStep)).isEqualTo(addresses(anew));
        assertThat(shown(stepByStep)).isEqualTo(shown(anew));
        assertThat(inbound(stepByStep)).isEqualTo(inbound(anew));
        assertThat(kinds(stepByStep)).isEqualTo(kinds(anew));
        Plan plan = stepByStep.plan();
        addresses(anew)
                .forEach((id, address) -> assertThat(plan.pageAt(address)).contains(id));
        assertThat(stepByStep.plan().inOrder())
                .containsExactlyElementsOf(anew.plan().inOrder().toList());
        assertThat(stepByStep.all(Page.class))
                .containsExactlyInAnyOrderElementsOf(anew.all(Page.class).toList());
    }

    /** Makes the edition work everything out, so that there is something to take over. */
    private static void known(Edition site) {
        site.plan();
        site.inbound();
        site.all(Page.class).count();
    }

    @Test
    void aChangedSummaryLeavesTreeAndLinks() {
        Edition site = Sites.small();
        known(site);
        Edition after = Sites.after(site, ValueCommand.setValue("weaving", null, null, "summary", Value.of("Looms")));
        assertThat(after.plan()).isSameAs(site.plan());
        assertThat(after.inbound()).isSameAs(site.inbound());
        assertThat(after.all(Page.class).map(Page::fields)).contains(Map.of("summary", Value.of("Looms")));
    }

    @Test
    void aNewLinkAMenuLineAndAPageTakenOffAreSeenAtOnce() {
        Edition site = Sites.small();
        known(site);
        Value link = Value.of("<p><a href=\"page:home\">Home</a></p>");
        Edition linked = Sites.after(site, ValueCommand.setValue("weaving", "weaving-s1", "e2", "text", link));
        assertThat(linked.inbound().pagesTo("home")).containsExactly("weaving");
        Edition listed = Sites.after(site, MenuCommand.placeInMenu("main", "weaving", "l9"));
        assertThat(listed.inbound().menusTo("weaving")).containsExactly("main");
        Edition off = Sites.after(site, PageCommand.withdrawPage("workshops", true));
        assertThat(off.plan().isShown("weaving")).as("beneath what is off").isFalse();
        assertThat(off.plan().address("weaving")).isEqualTo("/workshops/weaving");
    }

    private static Map<String, String> addresses(Edition site) {
        return site.plan().inOrder().collect(Collectors.toMap(id -> id, site.plan()::address));
    }

    /** The pages of each kind in their order, and whether some listing shows them. */
    private static Map<String, String> kinds(Edition site) {
        return site.all(Kind.class)
                .collect(Collectors.toMap(
                        Kind::id,
                        k -> site.plan().ofKind(k.id()) + " " + site.inbound().isListed(k.id())));
    }

    private static List<String> shown(Edition site) {
        return site.plan().inOrder().filter(site.plan()::isShown).toList();
    }

    private static Map<String, List<String>> inbound(Edition site) {
        return site.plan()
                .inOrder()
                .collect(Collectors.toMap(
                        id -> id,
                        id -> List.of(
                                site.inbound().pagesTo(id).stream()
                                        .sorted()
                                        .toList()
                                        .toString(),
                                site.inbound().menusTo(id).toString())));
    }
}
