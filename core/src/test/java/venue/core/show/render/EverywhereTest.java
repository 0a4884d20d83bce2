package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Everywhere;
import venue.core.edition.edition.FramePart;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;
import venue.core.sort.ReachedPages;

/** What is told of the sections on every page is what visitors get, in every frame. */
class EverywhereTest {

    private static final String SAYS = "Open on Sundays too";

    @Property(tries = 80)
    void whatIsToldToShowIsWhatVisitorsGet(
            @ForAll boolean header, @ForAll boolean footer, @ForAll int place, @ForAll int who, @ForAll int sides) {
        Section section = Compose.section("s1", "Hours", Compose.text("<p>" + SAYS + "</p>"))
                .with("foot", one(place, "above", "within", "left", "right"))
                .with("onPages", one(who, "all", "home", "others"));
        SharedSection hours = new SharedSection("hours", section);
        Edition small = Sites.small();
        Page weaving = small.require(Page.class, "weaving");
        Template worn = small.worn(weaving).template();
        Edition site = small.with(
                List.of(
                        hours,
                        small.site().withFoot(List.of("hours")),
                        worn.with("header", Value.of(header)).with("footer", Value.of(footer)),
                        weaving.withSettings(Map.of("sides", one(sides, "none", "left", "right", "both")))),
                List.of());
        for (Page page : site.all(Page.class).toList()) {
            String html = PageRenderer.render(View.of(site, Instant.EPOCH, "http://yard", View.Mode.VISITOR), page)
                    .html();
            assertThat(html.contains(SAYS)).isEqualTo(Everywhere.shows(site, page, section));
            assertThat(Everywhere.on(site, page).count()).isEqualTo(html.contains(SAYS) ? 1 : 0);
            assertThat(html.contains("<footer"))
                    .isEqualTo(!FramePart.lackedBy(site, page).contains(FramePart.FOOTER));
            assertThat(html.contains("<header"))
                    .isEqualTo(!FramePart.lackedBy(site, page).contains(FramePart.HEADER));
        }
        assertThat(ReachedPages.of(site, hours).count()).isEqualTo((int) site.all(Page.class)
                .filter(p -> Everywhere.shows(site, p, section))
                .count());
    }

    private static Value one(int of, String... answers) {
        return Value.of(answers[Math.floorMod(of, answers.length)]);
    }
}
