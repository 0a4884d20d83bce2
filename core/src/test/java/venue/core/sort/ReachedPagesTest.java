package venue.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.SectionPlace;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** On how many pages a change shows: one answer for whoever asks. */
class ReachedPagesTest {

    private static final SharedSection HOURS = new SharedSection("hours", section("h", "Hours", heading("Hours")));

    /** Seven pages, four of which wear a template in which the shared section is fixed; one of the others shares it itself. */
    private static Edition site() {
        Edition small = Sites.after(Sites.small(), TemplateCommand.makeTemplate("fixed", "Fixed", "plain", null));
        Template template = small.require(Template.class, "fixed");
        List<Zone> zones = template.zones().stream()
                .map(z -> z.key().equals("main") ? z.withFixed(Section.showing("f", HOURS)) : z)
                .toList();
        List<Item> put = new ArrayList<>(List.of(HOURS, template.withZones(zones)));
        for (int i = 0; i < 4; i++) {
            Page page = Sites.page("p" + i, null, 10 + i, "Page " + i, "");
            put.add(page.withTemplate("fixed", page.zones(), List.of()));
        }
        Page weaving = small.page("weaving").orElseThrow();
        put.add(weaving.withTemplate(null, new Zones(Map.of("main", List.of(Section.showing("s", HOURS)))), List.of()));
        return small.with(put, List.of());
    }

    @Test
    void aSharedSectionShowsOnThePagesThatShareItAndOnThoseWhoseTemplateFixesIt() {
        Edition site = site();
        assertThat(ReachedPages.of(site, HOURS).ids()).containsExactlyInAnyOrder("weaving", "p0", "p1", "p2", "p3");
        Page worn = site.page("p0").orElseThrow();
        Template template = site.worn(worn).template();
        assertThat(ReachedPages.of(
                                site,
                                SectionPlace.fixed(site, template, "f")
                                        .orElseThrow()
                                        .written())
                        .count())
                .isEqualTo(5);
    }

    @Test
    void aSectionOnEveryPageShowsWhereItIsMeantForAndInAColumnWhereThereIsOne() {
        Edition site = site();
        Site said = site.site();
        Edition left = site.with(
                List.of(
                        said.withFoot(List.of("hours")),
                        new SharedSection("hours", HOURS.section().with("foot", Value.of("left"))),
                        site.page("p1").orElseThrow().withSetting("sides", Value.of("left"))),
                List.of());
        assertThat(ReachedPages.of(left, left.require(SharedSection.class, "hours"))
                        .ids())
                .containsExactly("p1");
        Edition others = site.with(
                List.of(
                        said.withFoot(List.of("hours")),
                        new SharedSection("hours", HOURS.section().with("onPages", Value.of("others")))),
                List.of());
        assertThat(ReachedPages.of(others, others.require(SharedSection.class, "hours"))
                        .ids())
                .hasSize(6)
                .doesNotContain("home");
    }
}
