package venue.core.carry.pack;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.basics.text.HtmlCleaner;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Differing;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.kind.Placement;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Element;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.core.model.template.FrameSettings;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** The one walk over all that items name: each name is asked for once, and the item made anew with the answers. */
final class Walk {

    private final Refs refs;
    private final Function<String, List<Property>> fields;

    /** @param fields the fields of a kind, those put away among them */
    Walk(Refs refs, Function<String, List<Property>> fields) {
        this.refs = refs;
        this.fields = fields;
    }

    /** The fields of the kinds among some items. */
    static Function<String, List<Property>> fieldsOf(Function<String, Optional<Item>> items) {
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
    Optional<Item> item(Item item, String id) {
        if (item instanceof Redirect redirect) {
            return link(redirect.to()).map(to -> Redirect.of(redirect.from(), to));
        }
        return Optional.of(made(item, id));
    }

    private Item made(Item item, String id) {
        if (item instanceof Page page) {
            return page(page, id);
        } else if (item instanceof Template template) {
            return template(template, id);
        } else if (item instanceof Pattern p) {
            return new Pattern(id, p.name(), p.group(), p.note(), sections(p.sections()), p.retired());
        } else if (item instanceof SharedSection shared) {
            return new SharedSection(id, section(shared.section()));
        } else if (item instanceof Kind kind) {
            return kind(kind, id);
        } else if (item instanceof Entry e) {
            return new Entry(
                    id, e.name(), refs.needed(e.kind()).orElse(e.kind()), e.position(), fields(e.kind(), e.fields()));
        } else if (item instanceof Menu menu) {
            return new Menu(id, menu.name(), lines(menu.lines()));
        } else if (item instanceof Look look) {
            return new Look(id, look.name(), needed(ThemeSettings.all(), look.settings()));
        } else if (item instanceof Site site) {
            return site(site);
        }
        return ((Media) item).withId(id);
    }

    private Page page(Page p, String id) {
        return new Page(
                id,
                p.title(),
                p.segment(),
                p.parent() == null ? null : refs.named(p.parent()).orElse(null),
                p.position(),
                refs.needed(p.kind()).orElse(p.kind()),
                of(p.template()),
                zones(p.zones()),
                sections(p.shelf()),
                fields(p.kind(), p.fields()),
                named(Differing.NAMING, p.settings()),
                p.withdrawn(),
                p.taken() == null ? null : refs.past(p.taken()));
    }

    private Template template(Template t, String id) {
        List<Zone> zones = t.zones().stream()
                .map(z -> new Zone(
                        z.key(),
                        z.name(),
                        z.role(),
                        z.accepts(),
                        z.sections().stream()
                                .map(s -> new Zone.Placed(section(s.section()), s.fixed()))
                                .toList()))
                .toList();
        return new Template(
                id,
                t.name(),
                t.note(),
                named(FrameSettings.all(), t.frame()),
                zones,
                t.retired(),
                declared(t.options()));
    }

    private Kind kind(Kind k, String id) {
        return new Kind(
                id,
                k.name(),
                k.note(),
                declared(k.fields()),
                declared(k.putAway()),
                k.templates().stream().flatMap(t -> refs.named(t).stream()).toList(),
                of(k.template()),
                placement(k.beneath()),
                named(KindSettings.all(), k.settings()),
                k.retired());
    }

    /** Where none is left of what it stands beneath, it stands anywhere. */
    private Placement placement(Placement beneath) {
        List<String> left =
                beneath.ids().stream().flatMap(i -> refs.named(i).stream()).toList();
        return left.isEmpty() && !beneath.ids().isEmpty() ? Placement.ANYWHERE : new Placement(beneath.where(), left);
    }

    private Site site(Site s) {
        return new Site(
                Site.ID,
                s.name(),
                s.hosts(),
                s.language(),
                s.zone(),
                s.home() == null ? null : refs.named(s.home()).orElse(null),
                refs.needed(s.look()).orElse(s.look()),
                refs.needed(s.fallbackTemplate()).orElse(s.fallbackTemplate()),
                needed(SiteFacts.all(), s.facts()),
                s.foot().stream().flatMap(f -> refs.needed(f).stream()).toList(),
                s.patternGroups());
    }

    private List<Line> lines(List<Line> lines) {
        return lines.stream().flatMap(l -> line(l).stream()).toList();
    }

    private Optional<Line> line(Line l) {
        Optional<Link> to = l.link() == null ? Optional.empty() : link(l.link());
        return l.link() != null && to.isEmpty()
                ? Optional.empty()
                : Optional.of(new Line(l.id(), to.orElse(null), l.label(), l.follows(), lines(l.beneath())));
    }

    private Zones zones(Zones zones) {
        Map<String, List<Section>> mapped = new TreeMap<>();
        zones.byKey().forEach((zone, sections) -> mapped.put(zone, sections(sections)));
        return new Zones(mapped);
    }

    private List<Section> sections(List<Section> sections) {
        return sections.stream().map(this::section).toList();
    }

    private Section section(Section s) {
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

    private @Nullable String of(@Nullable String id) {
        return id == null ? null : refs.needed(id).orElse(null);
    }

    private Map<String, Value> fields(String kind, Map<String, Value> values) {
        return needed(fields.apply(kind), values);
    }

    private Map<String, Value> needed(List<Property> declared, Map<String, Value> values) {
        return values.isEmpty() ? values : Naming.mapped(declared, values, value(refs::needed));
    }

    /** Settings that name kinds say only what may be: they need none of them. */
    private Map<String, Value> named(List<Property> declared, Map<String, Value> values) {
        return values.isEmpty() ? values : Naming.mapped(declared, values, value(refs::named));
    }

    private List<Property> declared(List<Property> properties) {
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

    private Optional<Link> link(Link link) {
        Optional<String> page = link.pageId();
        if (page.isPresent()) {
            return refs.named(page.get()).map(id -> new Link(Link.toPage(id).target() + link.anchor()));
        }
        Optional<String> file = link.mediaId();
        return file.isEmpty() ? Optional.of(link) : refs.needed(file.get()).map(Link::toMedia);
    }
}
