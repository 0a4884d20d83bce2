package venue.core.edition.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.group;
import static venue.core.carry.compose.Compose.list;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

class ComparedTest {

    private final Edition site = Sites.small();
    private final Page then = site.require(Page.class, "weaving");

    private static List<Compared.State> states(Page then, Edition now) {
        return Compared.of(then, now.require(Page.class, "weaving")).stream()
                .map(Compared.Part::state)
                .toList();
    }

    @Test
    void eachPartSaysHowItStands() {
        assertThat(states(then, site)).containsExactly(Compared.State.SAME, Compared.State.SAME);
        Edition written =
                Sites.after(site, ValueCommand.setValue("weaving", "weaving-s1", "e2", "text", Value.of("<p>New</p>")));
        Compared.Part part =
                Compared.of(then, written.require(Page.class, "weaving")).get(1);
        assertThat(part.state()).isEqualTo(Compared.State.CHANGED);
        assertThat(part.before()).containsExactly("About Weaving", "Looms");
        assertThat(part.after()).containsExactly("About Weaving", "New");
        assertThat(states(then, Sites.after(site, SectionCommand.copySection("weaving", "weaving-s1", "copy"))))
                .contains(Compared.State.ADDED);
        assertThat(states(then, Sites.after(site, SectionCommand.removeSection("weaving", "weaving-s1"))))
                .containsExactly(Compared.State.SAME, Compared.State.REMOVED);
        assertThat(states(then, Sites.after(site, PageCommand.setTitle("weaving", "Looms"))))
                .startsWith(Compared.State.CHANGED);
    }

    @Test
    void linksAndLooksAreNoWords() {
        Value links = list(group("label", "Home", "link", "page:home"));
        Edition linked = Sites.after(
                site,
                SectionCommand.placeElement("weaving", "weaving-s1", "c1", 9, "e9", "links", Map.of("links", links)));
        Edition toned =
                Sites.after(linked, ValueCommand.setValue("weaving", "weaving-s1", null, "tone", Value.of("deep")));
        Compared.Part part =
                Compared.of(then, toned.require(Page.class, "weaving")).get(1);
        assertThat(part.state()).isEqualTo(Compared.State.CHANGED);
        assertThat(part.after()).containsExactly("About Weaving", "Looms", "Home");
    }

    @Test
    void oneSectionComesBackWhereItStoodAndTheRestStays() {
        Edition gone = Sites.after(
                Sites.after(site, PageCommand.setTitle("weaving", "Looms")),
                SectionCommand.removeSection("weaving", "weaving-s1"));
        Page back = Sites.after(gone, PageCommand.bringBack(then, "weaving-s1")).require(Page.class, "weaving");
        assertThat(back.zones()).isEqualTo(then.zones());
        assertThat(back.title()).isEqualTo("Looms");
    }

    /** Whatever was done to a page: brought back it has its old content, at its place of now. */
    @Property(tries = 60)
    void allOfItComesBack(@ForAll long seed) {
        Edition later = new Mischief(seed).upon(site, 20);
        later.page("weaving").ifPresent(now -> {
            Page back = Sites.after(later, PageCommand.bringBack(then, null)).require(Page.class, "weaving");
            assertThat(back.zones()).isEqualTo(then.zones());
            assertThat(back.title()).isEqualTo(then.title());
            assertThat(back.fields()).isEqualTo(then.fields());
            assertThat(back.parent()).isEqualTo(now.parent());
            assertThat(back.segment()).isEqualTo(now.segment());
            assertThat(Compared.of(then, back)).allMatch(p -> p.state() == Compared.State.SAME);
        });
    }
}
