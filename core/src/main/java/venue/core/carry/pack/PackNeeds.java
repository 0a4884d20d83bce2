package venue.core.carry.pack;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.model.kind.Kind;
import venue.core.model.property.Property;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.sort.Refs;
import venue.core.sort.Walk;

/** What items can't do without, however far that reaches; what they only name is left where it is. */
final class PackNeeds implements Refs {

    private static final String OF_PAGE = "page.";

    private final Function<String, Optional<Item>> items;
    private final Map<String, Item> found = new LinkedHashMap<>();
    private final Deque<Item> open = new ArrayDeque<>();

    private PackNeeds(Function<String, Optional<Item>> items) {
        this.items = items;
    }

    /**
     * The items with all that they need.
     *
     * @param kinds all kinds there are: those come along that wear a template and have fields which it shows
     */
    static Collection<Item> of(
            Collection<? extends Item> roots,
            Function<String, Optional<Item>> items,
            Function<String, List<Property>> fields,
            Collection<Kind> kinds) {
        PackNeeds needs = new PackNeeds(items);
        roots.forEach(needs::add);
        Walk walk = new Walk(needs, fields);
        while (!needs.open.isEmpty()) {
            Item item = needs.open.remove();
            walk.item(item, item.id());
            kinds.stream().filter(k -> item.id().equals(k.template())).forEach(kind -> {
                if (bound((Template) item).anyMatch(b -> kind.field(b).isPresent())) {
                    needs.add(kind);
                }
            });
        }
        return needs.found.values();
    }

    private void add(Item item) {
        if (found.putIfAbsent(item.id(), item) == null) {
            open.add(item);
        }
    }

    @Override
    public Optional<String> needed(String id) {
        items.apply(id).ifPresent(this::add);
        return Optional.of(id);
    }

    @Override
    public Optional<String> named(String id) {
        return Optional.of(id);
    }

    /** The fields of a page that a template shows. */
    private static Stream<String> bound(Template template) {
        return template.body()
                .all()
                .flatMap(Section::elements)
                .flatMap(e -> e.props().values().stream())
                .flatMap(v -> v instanceof Value.Bound b ? Stream.of(b.source()) : Stream.empty())
                .filter(source -> source.startsWith(OF_PAGE))
                .map(source -> source.substring(OF_PAGE.length()));
    }
}
