package venue.core.show.gathering;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

class PageTextTest {

    @Test
    void whatSomebodyReadsIsSearchedAndAnAddressTooButNoCode() {
        Section said = section(
                "s",
                "S",
                part("place").with("name", "The old kiln").with("shapes", "{\"type\":\"Point\"}"),
                part("people").with("people", new Value.Many(List.of(Map.of("email", Value.of("ada@yard.example"))))));
        Page page =
                Sites.page("kiln", null, 9, "Kiln", "<p>Fire</p>").withZones(new Zones(Map.of("main", List.of(said))));
        Edition site = Sites.small().with(List.of(page), List.of());
        assertThat(PageText.of(site, page, Visitor.STRANGER).words())
                .contains("The old kiln", "ada@yard.example")
                .doesNotContain("Point");
    }
}
