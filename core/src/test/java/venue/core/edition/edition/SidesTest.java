package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

class SidesTest {

    /** One column moves to the side that is said; two stay where they are; what has no side is told. */
    @ParameterizedTest
    @CsvSource({
        // zones, said, at the left, at the right, empty, not shown
        "RIGHT, usual, '', RIGHT, '', ''",
        "RIGHT, left, RIGHT, '', '', ''",
        "LEFT, right, '', LEFT, '', ''",
        "RIGHT, both, '', RIGHT, LEFT, ''",
        "RIGHT, none, '', '', '', RIGHT",
        "LEFT RIGHT, left, LEFT, '', '', RIGHT",
        "LEFT RIGHT, both, LEFT, RIGHT, '', ''",
        "'', left, '', '', LEFT, ''"
    })
    void aSingleColumnStandsAtTheSideThatIsSaid(
            String zones, String said, String left, String right, String empty, String off) {
        Edition small = Sites.small();
        Template plain = small.require(Template.class, "plain");
        Section one =
                small.require(Page.class, "weaving").zones().all().findFirst().orElseThrow();
        List<Zone> columns = listed(zones).stream()
                .map(z -> new Zone(z, z, ZoneRole.valueOf(z), List.of(new Zone.Placed(one, true))))
                .toList();
        Template wide = new Template(
                "plain",
                "Plain",
                "",
                Map.of(),
                Stream.concat(plain.zones().stream(), columns.stream()).toList());
        Edition site = small.with(List.of(wide), List.of());
        site = Sites.after(site, ValueCommand.setValue("weaving", null, null, "sides", Value.of(said)));
        Page page = site.require(Page.class, "weaving");
        Sides sides = Sides.of(site, page, wide);
        assertThat(keys(sides.in(wide, ZoneRole.LEFT))).isEqualTo(left);
        assertThat(keys(sides.in(wide, ZoneRole.RIGHT))).isEqualTo(right);
        assertThat(columns)
                .allSatisfy(z -> assertThat(sides.place(wide, z).name())
                        .isEqualTo(z.key().equals(left) ? "LEFT" : z.key().equals(right) ? "RIGHT" : z.key()));
        Sides.Unseen unseen = Sides.unseen(site, page);
        assertThat(unseen.empty().stream().map(Enum::name).toList()).isEqualTo(listed(empty));
        assertThat(unseen.off().stream().map(Enum::name).toList()).isEqualTo(listed(off));
        assertThat(sides.zones(wide)).doesNotHaveDuplicates();
    }

    private static List<String> listed(String words) {
        return words.isEmpty() ? List.of() : List.of(words.split(" "));
    }

    private static String keys(List<Zone> zones) {
        return String.join(" ", zones.stream().map(Zone::key).toList());
    }
}
