package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.carry.beginning.ReadySite;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

class FurnishedTest {

    private static final Media WIDE =
            Media.picture("wide", "Wide", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(1600));
    private static final Media TALL =
            Media.picture("tall", "Tall", new Hash("cd".repeat(32)), "jpg", 800, 1000, List.of(800));

    static Stream<Pattern> patterns() {
        return ReadySite.patterns().stream();
    }

    /** Files have no samples. */
    static Stream<Template> templates() {
        return Sites.small()
                .all(Template.class)
                .filter(t -> t.body()
                        .all()
                        .flatMap(Section::elements)
                        .noneMatch(e -> e.kind().equals("documents")));
    }

    @ParameterizedTest
    @MethodSource("templates")
    void everyTemplateIsDrawnWithoutAPlaceToFill(Template template) {
        Edition site = Sites.small().with(List.of(WIDE, TALL), List.of());
        Template furnished = Furnished.of(site, template);
        assertThat(furnished.zones()).hasSameSizeAs(template.zones());
        assertThat(furnished.zones())
                .allSatisfy(z -> assertThat(z.fixed())
                        .extracting(Section::id)
                        .containsExactlyElementsOf(template.zone(z.key()).orElseThrow().fixed().stream()
                                .map(Section::id)
                                .toList()));
        View view = View.of(site, Instant.EPOCH, "http://x.example", View.Mode.MARKED);
        String html = PageRenderer.renderIn(view, Sample.of(site, furnished), furnished)
                .html();
        assertThat(html).doesNotContain("class=\"to-fill\"", "to-fill-picture");
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everyPlaceOfEveryPatternHasAFittingSample(Pattern pattern) {
        Edition site = Sites.small().with(List.of(WIDE, TALL), List.of());
        List<Section> furnished = Furnished.of(site, pattern);
        for (Element element : furnished.stream().flatMap(Section::elements).toList()) {
            for (Property property : Elements.require(element.kind()).properties()) {
                Value value = element.props().get(property.key());
                if (value == null
                        || property.key().equals("until")
                        || property.key().equals("file")) {
                    continue;
                }
                assertThat(PropertyCheck.one(property, value, "sample"))
                        .as("%s.%s", element.kind(), property.key())
                        .isNotNull();
                if (!property.key().equals("files")) {
                    assertThat(value.toFill())
                            .as("%s.%s", element.kind(), property.key())
                            .isEmpty();
                }
                if (element.kind().equals("people")) {
                    assertThat(value.toString()).doesNotContain("wide");
                }
            }
        }
        assertThat(Furnished.of(Sites.small(), pattern).stream()
                        .flatMap(Section::elements)
                        .map(Element::id))
                .as("and nothing else is changed, also without pictures")
                .containsExactlyElementsOf(pattern.sections().stream()
                        .flatMap(Section::elements)
                        .map(Element::id)
                        .toList());
    }
}
