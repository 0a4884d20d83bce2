package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.carry.beginning.ReadySite;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Column;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/**
 * Whatever somebody has written is on the live page, however much beside it still waits; and the proof without its marks is the live
 * page. Every pattern and template, each with half of its places filled by chance.
 */
class WrittenTest {

    private static final List<Item> READY = ReadySite.items("Loomgate Yard", "loomgate.localhost", "home");
    private static final String MARKS = "data-s data-e data-w data-rich";

    private final List<String> written = new ArrayList<>();
    private Random chance = new Random(0);

    private Map<String, Value> filled(List<venue.core.model.property.Property> declared, Map<String, Value> values) {
        Map<String, Value> now = new TreeMap<>(values);
        for (venue.core.model.property.Property property : declared) {
            Value value = values.get(property.key());
            if (value instanceof Value.Many many) {
                now.put(
                        property.key(),
                        new Value.Many(many.groups().stream()
                                .map(g -> filled(property.entries(), g))
                                .toList()));
            } else if (value instanceof Value.ToFill && isWords(property.type()) && chance.nextBoolean()) {
                String words = "Word" + written.size() + "x";
                written.add(words);
                now.put(
                        property.key(),
                        Value.of(property.type() == PropertyType.RICH ? "<p>" + words + "</p>" : words));
            } else if (value instanceof Value.ToFill && chance.nextInt(4) == 0) {
                now.remove(property.key());
            }
        }
        return now;
    }

    private static boolean isWords(PropertyType type) {
        return type == PropertyType.WORDS || type == PropertyType.LINES || type == PropertyType.RICH;
    }

    private Section filled(Section section) {
        List<Column> columns = section.columns().stream()
                .map(c -> c.withElements(c.elements().stream().map(this::filled).toList()))
                .toList();
        return section.withColumns(columns);
    }

    private Element filled(Element element) {
        return new Element(
                element.id(),
                element.kind(),
                filled(Elements.require(element.kind()).properties(), element.props()));
    }

    private static Stream<Sectioned> all() {
        return READY.stream()
                .filter(i -> i instanceof Pattern || i instanceof Template)
                .map(Sectioned.class::cast);
    }

    private Page page(Sectioned of) {
        Map<String, List<Section>> zones = new HashMap<>();
        zones.put("main", of.body().all().map(this::filled).toList());
        return Page.of("home", "Home", "home", "standard").wearing("plain").withZones(new Zones(zones));
    }

    private static String html(Edition edition, Page page, View.Mode mode) {
        View view = View.of(edition, Instant.parse("2026-11-28T12:00:00Z"), "http://loomgate.localhost", mode);
        Document parsed = Jsoup.parse(PageRenderer.render(view, page).html());
        parsed.outputSettings().prettyPrint(false);
        if (mode == View.Mode.MARKED) {
            parsed.select("[data-unseen]").remove();
            for (String mark : MARKS.split(" ")) {
                parsed.select("[" + mark + "]").removeAttr(mark);
            }
        }
        return parsed.select("main").outerHtml();
    }

    @Property(tries = 12)
    void whateverIsWrittenIsShownAndTheProofWithoutItsMarksIsTheLivePage(@ForAll long seed) {
        chance = new Random(seed);
        all().forEach(of -> {
            written.clear();
            Page page = page(of);
            Edition edition =
                    Edition.of(Stream.concat(READY.stream(), Stream.of(page)).toList());
            String live = html(edition, page, View.Mode.VISITOR);
            assertThat(written).as(of.id()).allMatch(live::contains);
            assertThat(html(edition, page, View.Mode.MARKED)).as(of.id()).isEqualTo(live);
        });
    }

    /** A page that is begun with a template, as a kind that offers it makes it. */
    private Page begun(Kind kind, Template template) {
        Map<String, List<Section>> zones = template.zones().stream()
                .collect(Collectors.toMap(
                        Zone::key, z -> z.starters().stream().map(this::filled).toList()));
        return Page.of("home", "Home", "home", kind.id()).wearing(template.id()).withZones(new Zones(zones));
    }

    @Property(tries = 6)
    void onEachTemplateThatAKindOffersWhateverIsWrittenIsShown(@ForAll long seed) {
        chance = new Random(seed);
        Edition ready = Edition.of(READY);
        ready.all(Kind.class)
                .forEach(kind -> kind.templates().stream()
                        .map(id -> ready.require(Template.class, id))
                        .forEach(template -> {
                            written.clear();
                            Page page = begun(kind, template);
                            View view = View.of(
                                    ready.with(List.of(page), List.of()),
                                    Instant.parse("2026-11-28T12:00:00Z"),
                                    "http://loomgate.localhost",
                                    View.Mode.VISITOR);
                            assertThat(written)
                                    .as(kind.id() + " in " + template.id())
                                    .allMatch(PageRenderer.render(view, page).html()::contains);
                        }));
    }
}
