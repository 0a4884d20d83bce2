package venue.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;

/** Whole items are held against what holds those that are written by hand, whatever their sort. */
class WholeCheckTest {

    private static final String HASH = "0123456789abcdef".repeat(4);

    private static Page page() {
        return Sites.page("p", null, 9, "Page", "<p>words</p>");
    }

    private static Item twoSectionsOfOneId() {
        Section section = page().zones().in("main").get(0);
        return page().withZones(new Zones(Map.of("main", List.of(section), "left", List.of(section))));
    }

    private static Site site(Map<String, Value> facts) {
        return Site.of("Yard", "en", ZoneOffset.UTC, "dusk", "plain").withFacts(facts);
    }

    static Stream<Item> bad() {
        return Stream.of(
                page().withSegment("Not a segment"),
                page().withTitle("x\u202ey"),
                page().withField("summary", Value.of(7)),
                page().withSetting("unheard-of", Value.of("x")),
                page().withSetting("language", Value.of("klingon")),
                twoSectionsOfOneId(),
                new Template("t", "T", "", Map.of("band", Value.of("sideways")), List.of()),
                new Template("t", "T", "", Map.of(), List.of())
                        .withOptions(List.of(Property.of("Bad key", "L", PropertyType.WORDS))),
                Kind.named("k", "K", "", List.of(Property.of("a", "", PropertyType.WORDS))),
                Kind.named("k", "K", "", List.of()).with("madeBy", Value.of("NOBODY")),
                new Entry("e", "E", "standard", 1, Map.of("summary", Value.of(true))),
                new Look("l", "L", Map.of("bodySize", Value.of(9_000))),
                site(Map.of("social", Value.of("no address here"))),
                new Menu("m", "M", List.of(Line.toPage("l", "home").withLabel("x".repeat(900)))),
                new Redirect("from-elsewhere", "/a", Link.toPage("home")),
                Media.picture("m", "M", new Hash("not a hash"), "jpg", 10, 10, List.of(10)),
                Media.picture("m", "M", new Hash(HASH), "exe", 10, 10, List.of(10)),
                Media.picture("m", "M", new Hash(HASH), "jpg", 10, 10, List.of(4_000)),
                Media.file("m", "M", new Hash(HASH), "jpg", 10));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void whatIsNotAsItIsDeclaredIsRefused(Item item) {
        Edition then = Sites.small().with(List.of(item), List.of());
        assertThatThrownBy(() -> Sorts.checked(item, then)).isInstanceOf(Refusal.class);
    }

    @Test
    void whatIsSoundStaysAsItIs() {
        Edition site = Sites.small();
        site.items().forEach(i -> assertThat(Sorts.checked(i, site)).isEqualTo(i));
        Media picture = Media.picture("m", "M", new Hash(HASH), "jpg", 10, 10, List.of(10));
        assertThat(Sorts.checked(picture, site)).isEqualTo(picture);
    }
}
