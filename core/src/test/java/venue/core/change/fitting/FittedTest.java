package venue.core.change.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.Sites;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

/** What a fitting tells is what comes about. */
class FittedTest {

    private static final List<String> TEMPLATES =
            List.of("plain", "wide", "landing", "side-column", "both-sides", "home-layout");

    private static List<String> ids(List<Section> sections) {
        return sections.stream().map(Section::id).toList();
    }

    private static Edition free(Edition site) {
        return Sites.after(site, KindCommand.setKindTemplates("standard", "plain", null));
    }

    @Property(tries = 60)
    void whatIsToldIsWhatTheChangeDoes(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition now = free(Sites.small());
        List<String> there = TEMPLATES.stream()
                .filter(t -> Sites.small().find(t).isPresent())
                .toList();
        for (int i = 0; i < 6; i++) {
            String to = there.get(chance.nextInt(there.size()));
            Page before = now.require(Page.class, "weaving");
            Fitted told = Fitted.of(now, before, now.require(Template.class, to));
            now = Sites.after(now, PageCommand.chooseTemplate(List.of("weaving"), to));
            Page after = now.require(Page.class, "weaving");
            List<String> shelf = ids(after.shelf());
            assertThat(shelf).containsAll(ids(told.shelved()));
            assertThat(ids(told.returning())).noneMatch(shelf::contains);
            assertThat(after.zones().all().map(Section::id)).containsAll(ids(told.returning()));
            if (told.shelved().isEmpty() && told.returning().isEmpty()) {
                assertThat(ids(after.shelf())).isEqualTo(ids(before.shelf()));
            }
            if (chance.nextBoolean()) {
                String id = "own" + i;
                String zone = now.worn(after).template().zones().get(0).key();
                now = Sites.after(now, SectionCommand.placeSection("weaving", zone, 0, id, null, null, List.of(12)));
            }
        }
    }

    /** A column at the other side is a column at the side: what stood there stays there. */
    @Example
    void aSideColumnsSectionsGoToTheOtherSideNotToTheShelf() {
        Edition right = Sites.after(free(Sites.small()), PageCommand.chooseTemplate(List.of("weaving"), "side-column"));
        Edition beside =
                Sites.after(right, SectionCommand.placeSection("weaving", "side", 0, "aside", null, null, List.of(12)));
        Edition left = Sites.after(beside, PageCommand.chooseTemplate(List.of("weaving"), "side-left"));
        Page page = left.require(Page.class, "weaving");
        assertThat(page.zones().find("aside").orElseThrow().zone()).isEqualTo("side-left");
        assertThat(page.shelf()).isEmpty();
    }

    @Example
    void whatIsGainedAndLostIsTheOtherWayRoundOnTheWayBack() {
        Edition site = free(Sites.small());
        Page page = site.require(Page.class, "weaving");
        Template side = site.require(Template.class, "side-column");
        Fitted there = Fitted.of(site, page, side);
        assertThat(there.gains()).contains("the right column");
        Edition wearing = Sites.after(site, PageCommand.chooseTemplate(List.of("weaving"), "side-column"));
        Fitted back = Fitted.of(
                wearing, wearing.require(Page.class, "weaving"), site.worn(page).template());
        assertThat(back.loses()).isEqualTo(there.gains());
        assertThat(back.gains()).isEqualTo(there.loses());
        Template worn = site.worn(page).template();
        assertThat(Fitted.of(site, page, worn)).isEqualTo(new Fitted(worn, List.of(), List.of(), List.of(), List.of()));
    }
}
