package venue.core.show.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** Sections with something in every place to fill, so that one sees what they are for: sample words, and the site's own pictures. */
public final class Furnished {

    private static final int SEEDS = 1000;
    /** How many pictures are enough to choose from. */
    private static final int SAMPLES = 60;

    private final List<Media> wide = new ArrayList<>();
    private final List<Media> tall = new ArrayList<>();
    private final SampleWords words;
    private final Edition edition;
    private int pictures;
    /** Whether what is filled now wants pictures of people. */
    private boolean portrait;

    private Furnished(Edition edition, int from) {
        this.edition = edition;
        words = new SampleWords(from);
        pictures = from;
        pictures(edition).forEach(m -> (m.height() > m.width() ? tall : wide).add(m));
    }

    /** The site's pictures that samples are taken from. */
    public static Stream<Media> pictures(Edition edition) {
        return edition.all(Media.class)
                .filter(Media::isPicture)
                .sorted(Comparator.comparing(Media::id))
                .limit(SAMPLES);
    }

    /** A pattern's sections as they would look in use, each pattern with samples of its own; what has none stays to fill. */
    public static List<Section> of(Edition edition, Pattern pattern) {
        Furnished furnished = of(edition, pattern.id());
        return pattern.sections().stream().map(furnished::section).toList();
    }

    /** A template whose sections are as they would look in use. */
    public static Template of(Edition edition, Template template) {
        Furnished furnished = of(edition, template.id());
        Map<String, List<Section>> filled = new TreeMap<>();
        for (Zone zone : template.zones()) {
            filled.put(
                    zone.key(),
                    template.body().in(zone.key()).stream()
                            .map(furnished::section)
                            .toList());
        }
        return template.withBody(new Zones(filled));
    }

    private static Furnished of(Edition edition, String id) {
        return new Furnished(edition, Math.floorMod(id.hashCode(), SEEDS));
    }

    private Section section(Section section) {
        Section filled = section.mapElements(this::element);
        portrait = false;
        for (Map.Entry<String, Value> setting : section.settings().entrySet()) {
            if (setting.getValue() instanceof Value.ToFill) {
                filled = filled.with(setting.getKey(), picture());
            }
        }
        return filled;
    }

    private Element element(Element element) {
        portrait = Elements.is(element, ElementKind::isOfPersons)
                || Value.of("round").equals(element.props().get("shape"));
        return Elements.find(element.kind())
                .map(kind -> new Element(
                        element.id(), element.kind(), filled(element.kind(), kind.properties(), listed(element))))
                .orElse(element);
    }

    /** A listing that would gather nothing here gathers what suits its layout, else what the site has most of. */
    private Map<String, Value> listed(Element element) {
        Map<String, Value> props = element.props();
        String kind = Values.text(props, "kind");
        boolean gathers = !Elements.is(element, ElementKind::isListing)
                || !props.containsKey("source")
                        && !props.containsKey("which")
                        && !(edition.plan().ofKind(kind).isEmpty()
                                && edition.entries(kind).isEmpty());
        if (gathers) {
            return props;
        }
        Map<String, Value> usual = new TreeMap<>(props);
        usual.keySet().removeAll(List.of("source", "which", "conditions", "field", "empty", "fresh", "skip"));
        edition.all(Kind.class)
                .max(Comparator.comparing((Kind k) -> count(k) > 0 && suits(k, props))
                        .thenComparing(this::count)
                        .thenComparing(Kind::id))
                .ifPresent(k -> usual.put("kind", Value.of(k.id())));
        return usual;
    }

    private int count(Kind kind) {
        return edition.plan().ofKind(kind.id()).size()
                + edition.entries(kind.id()).size();
    }

    private static boolean suits(Kind kind, Map<String, Value> props) {
        String shape = Values.text(props, "shape");
        boolean people = shape.equals("people") || Values.text(props, "crop").equals("round");
        return shape.equals("table")
                ? Values.flag(kind.settings(), "pageless")
                : kind.meaning().equals(people ? "person" : shape.equals("agenda") ? "event" : "article");
    }

    private Map<String, Value> filled(String path, List<Property> declared, Map<String, Value> values) {
        Map<String, Value> filled = new TreeMap<>(values);
        for (Property property : declared) {
            filled.computeIfPresent(property.key(), (key, value) -> one(path, property, value));
        }
        return filled;
    }

    private Value one(String path, Property property, Value value) {
        if (value instanceof Value.Many many) {
            UnaryOperator<Map<String, Value>> each = g -> filled(path, property.entries(), g);
            return new Value.Many(many.groups().stream().map(each).toList());
        }
        if (value instanceof Value.Bound bound && property.type() == PropertyType.PICTURE) {
            return Objects.requireNonNullElse(picture(), bound);
        }
        if (!(value instanceof Value.ToFill fill)) {
            return value;
        }
        Value sample = sample(path + "." + property.key(), property.type(), fill.prompt());
        return sample == null ? value : sample;
    }

    private @Nullable Value sample(String path, PropertyType type, String prompt) {
        return type == PropertyType.PICTURE ? picture() : words.of(path, type, prompt);
    }

    private @Nullable Value picture() {
        List<Media> fitting = portrait && !tall.isEmpty() || wide.isEmpty() ? tall : wide;
        return fitting.isEmpty()
                ? null
                : Value.of(fitting.get(pictures++ % fitting.size()).id());
    }
}
