package venue.core.edition.usage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

class LookUseTest {

    private static Page with(Page page, Section... sections) {
        return page.withTemplate(page.template(), new Zones(Map.of("main", List.of(sections))), List.of());
    }

    @Test
    void theContactSheetShowsTheHardestPageOfASort() {
        Edition site = Sites.small();
        Page weaving = site.require(Page.class, "weaving");
        List<Page> alike = site.all(Page.class)
                .filter(p -> p.kind().equals(weaving.kind())
                        && site.worn(p).template().equals(site.worn(weaving).template()))
                .toList();
        assertThat(alike).hasSizeGreaterThan(1);
        Section rich = Compose.section("rich", "Rich", Compose.heading("One"), Compose.text("<p>Two</p>"));
        for (Page hard : alike.stream().filter(p -> !site.isHome(p)).toList()) {
            List<Page> pages = alike.stream()
                    .map(p -> p == hard ? with(p, rich) : with(p, Compose.section("s", "S", Compose.text("<p>W</p>"))))
                    .toList();
            assertThat(LookUse.samples(site.with(pages, List.of())))
                    .extracting(Page::id)
                    .startsWith(site.site().home())
                    .contains(hard.id())
                    .doesNotContainAnyElementsOf(alike.stream()
                            .map(Page::id)
                            .filter(id -> !id.equals(hard.id()) && !id.equals("home"))
                            .toList());
        }
    }

    @Test
    void aToneIsCountedWhereASectionOrAColumnWearsIt() {
        Edition site = Sites.small();
        long before = LookUse.tones(site).getOrDefault("first", 0L);
        Section apart =
                Compose.section("s", "S", Compose.text("<p>W</p>")).withColumn("c1", "ground", Value.of("first"));
        Page page = with(
                site.require(Page.class, "weaving"), apart, apart.withId("t").with("tone", Value.of("first")));
        assertThat(LookUse.tones(site.with(List.of(page), List.of())).get("first"))
                .isEqualTo(before + 2);
    }
}
