package venue.core.sort;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.basics.text.HtmlCleaner;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.model.kind.Kind;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.section.Zones;

/** The one walk over all that items name: each name is asked for once, and the item made anew with the answers. */
public final class Walk {

    private final Refs refs;
    private final Function<String, List<Property>> fields;

    /** @param fields the fields of a kind, those put away among them */
    public Walk(Refs refs, Function<String, List<Property>> fields) {
        this.refs = refs;
        this.fields = fields;
    }

    /** The fields of the kinds among some items. */
    public static Function<String, List<Property>> fieldsOf(Function<String, Optional<Item>> items) {
        return kind -> items.apply(kind)
                .filter(Kind.class::isInstance)
                .map(Kind.class::cast)
                .map(Walk::allFields)
                .orElse(List.of());
    }

    private static List<Property> allFields(Kind kind) {
        List<Property> all = new java.util.ArrayList<>(kind.fields());
        all.addAll(kind.putAway());
        return all;
    }

    /** The item under the id {@code id}; empty where nothing of it would be left. */
    public Optional<Item> item(Item item, String id) {
        return Sorts.anew(item, id, this);
    }

    Optional<String> named(String id) {
        return refs.named(id);
    }

    Optional<String> needed(String id) {
        return refs.needed(id);
    }

    Hash past(Hash hash) {
        return refs.past(hash);
    }

    Zones zones(Zones zones) {
        Map<String, List<Section>> mapped = new TreeMap<>();
        zones.byKey().forEach((zone, sections) -> mapped.put(zone, sections(sections)));
        return new Zones(mapped);
    }

    List<Section> sections(List<Section> sections) {
        return sections.stream().map(this::section).toList();
    }

    Section section(Section s) {
        Section mapped = s.mapElements(e -> new Element(
                e.id(),
                e.kind(),
                Elements.find(e.kind())
                        .map(kind -> needed(kind.properties(), e.props()))
                        .orElse(e.props())));
        return new Section(
                        s.id(),
                        "",
                        origin(s.origin()),
                        mapped.columns(),
                        needed(SectionSettings.all(), s.settings()),
                        s.shelvedZone(),
                        of(s.shared()))
                .withNameOf(s);
    }

    private @Nullable Origin origin(@Nullable Origin from) {
        return from == null
                ? null
                : refs.needed(from.item())
                        .map(item -> new Origin(item, from.section(), refs.past(from.taken())))
                        .orElse(null);
    }

    @Nullable
    String of(@Nullable String id) {
        return id == null ? null : refs.needed(id).orElse(null);
    }

    Map<String, Value> fields(String kind, Map<String, Value> values) {
        return needed(fields.apply(kind), values);
    }

    Map<String, Value> needed(List<Property> declared, Map<String, Value> values) {
        return values.isEmpty() ? values : Naming.mapped(declared, values, value(refs::needed));
    }

    /** Settings that name kinds say only what may be: they need none of them. */
    Map<String, Value> named(List<Property> declared, Map<String, Value> values) {
        return values.isEmpty() ? values : Naming.mapped(declared, values, value(refs::named));
    }

    List<Property> declared(List<Property> properties) {
        return properties.stream()
                .map(p -> p.fallback() == null
                        ? p
                        : Naming.mapped(p, p.fallback(), value(refs::needed))
                                .map(v -> v.equals(p.fallback()) ? p : p.fallback(v))
                                .orElseGet(p::withoutFallback))
                .toList();
    }

    private BiFunction<Property, String, Optional<Value>> value(Function<String, Optional<String>> kinds) {
        return (property, text) -> switch (property.type()) {
            case RICH -> Optional.of(Value.of(text.contains("href=") ? HtmlCleaner.relinked(text, this::link) : text));
            case LINK -> Optional.of(linked(text));
            case PAGE, ENTRY, TOPIC ->
                Optional.of(refs.named(text).map(Value::of).orElseGet(() -> toFill(text)));
            case KIND -> kinds.apply(text).map(Value::of);
            default -> refs.needed(text).map(Value::of);
        };
    }

    private Value linked(String text) {
        Optional<Link> link = Link.find(text);
        return link.isEmpty()
                ? Value.of(text)
                : link.flatMap(this::link)
                        .map(l -> Value.of(l.target()))
                        .orElseGet(() -> toFill(link.get().pageId().orElse(text)));
    }

    private Value toFill(String page) {
        return new Value.ToFill("Link to “" + refs.title(page) + "”");
    }

    Optional<Link> link(Link link) {
        Optional<String> page = link.pageId();
        if (page.isPresent()) {
            return refs.named(page.get()).map(id -> new Link(Link.toPage(id).target() + link.anchor()));
        }
        Optional<String> file = link.mediaId();
        return file.isEmpty() ? Optional.of(link) : refs.needed(file.get()).map(Link::toMedia);
    }
}
