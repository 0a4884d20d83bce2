package venue.core.body.scene;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.basics.text.SafeHtml;
import venue.core.basics.value.Value;
import venue.core.model.media.Media;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The values of an element as they hold on a page: given, inherited from the declaration, or bound. */
public final class Props {

    private final List<Property> declared;
    private final Map<String, Value> values;
    private final Scene scene;

    public Props(List<Property> declared, Map<String, Value> values, Scene scene) {
        this.declared = declared;
        this.values = values;
        this.scene = scene;
    }

    public Scene scene() {
        return scene;
    }

    /** Whether the property has something to show here. A place to fill has, for managers only. */
    public boolean has(String key) {
        Optional<Value> value = value(key);
        if (value.isEmpty()) {
            return false;
        }
        Value held = value.get();
        if (held instanceof Value.ToFill) {
            return scene.showsMarks();
        }
        return !(held instanceof Value.Text text && text.text().isBlank())
                && !(held instanceof Value.Many many && many.groups().isEmpty());
    }

    /** Whether any of its words, pictures and files has something to show here. */
    public boolean hasAny() {
        return declared.stream().filter(p -> values.containsKey(p.key())).anyMatch(this::shows);
    }

    private boolean shows(Property property) {
        return switch (property.type()) {
            case WORDS, LINES, RICH, FOLDER -> has(property.key());
            case PICTURE -> showsPicture(property.key());
            case FILE -> file(property.key()).isPresent() || isToFill(property.key());
            case MANY -> groups(property.key()).stream().anyMatch(Props::hasAny);
            default -> false;
        };
    }

    /** Whether there is a picture, or for managers a place where one is to be. */
    public boolean showsPicture(String key) {
        return media(key).isPresent() || (scene.showsMarks() && has(key));
    }

    /** Those groups of a list that have something to show. */
    public List<Props> shown(String key) {
        return groups(key).stream().filter(Props::hasAny).toList();
    }

    /** Whether a place to fill is all that it holds, and managers look at it. */
    public boolean isToFill(String key) {
        return scene.showsMarks()
                && value(key).filter(v -> v instanceof Value.ToFill).isPresent();
    }

    public double decimal(String key) {
        return value(key)
                .map(v -> v instanceof Value.Num num ? num.number().doubleValue() : 0.0)
                .orElse(0.0);
    }

    /** Plain words; a place to fill gives none. */
    public String text(String key) {
        return value(key)
                .map(v -> v instanceof Value.Text || v instanceof Value.Num ? words(key, v) : "")
                .orElse("");
    }

    public boolean flag(String key) {
        return value(key)
                .filter(v -> v instanceof Value.Flag flag && flag.yes())
                .isPresent();
    }

    public int number(String key) {
        return value(key)
                .map(v -> v instanceof Value.Num num ? num.number().intValue() : 0)
                .orElse(0);
    }

    /** The groups of a list, each as values of their own. */
    public List<Props> groups(String key) {
        List<Property> entries = declaration(key).entries();
        return value(key)
                .map(v -> v instanceof Value.Many many ? many.groups() : List.<Map<String, Value>>of())
                .orElse(List.of())
                .stream()
                .map(g -> new Props(entries, fitted(g, entries), scene))
                .toList();
    }

    /** What a field holds one by one, whatever it calls that, is what the first entry here wants. */
    private static Map<String, Value> fitted(Map<String, Value> group, List<Property> entries) {
        String first = entries.get(0).key();
        boolean single = group.size() == 1 && entries.stream().noneMatch(e -> group.containsKey(e.key()));
        return single ? Map.of(first, group.values().iterator().next()) : group;
    }

    public Optional<Media> media(String key) {
        return scene.pictures().media(text(key)).filter(Media::isPicture);
    }

    /** The file at {@code key}, whatever it is. */
    public Optional<Media> file(String key) {
        return scene.pictures().media(text(key));
    }

    /** Where the link at {@code key} leads; empty when it leads nowhere. */
    public Optional<Way> way(String key) {
        return Link.find(text(key)).flatMap(scene.links()::way);
    }

    /**
     * Starts an element that will hold this property's words alone. In the managers' proof it says so, and they can write
     * there; what is bound is written where it comes from.
     */
    public HtmlWriter startWritten(String key, String tag, String classes, HtmlWriter out) {
        if (scene.showsMarks() && !(values.get(key) instanceof Value.Bound)) {
            out.mark("data-w", key);
            if (declaration(key).type() == PropertyType.RICH) {
                out.mark("data-rich", "");
            }
        }
        return classes.isEmpty() ? out.start(tag) : out.start(tag, classes);
    }

    /** Writes the property's words, or for managers its prompt as a marked place. */
    public void write(String key, HtmlWriter out) {
        Optional<Value> held = value(key);
        if (held.isPresent() && held.get() instanceof Value.ToFill fill) {
            if (scene.showsMarks()) {
                out.unseen().start("mark", "to-fill").text(fill.prompt()).end();
            }
            return;
        }
        if (declaration(key).type() == PropertyType.RICH && !(values.get(key) instanceof Value.Bound)) {
            out.trusted(rich(key));
        } else {
            out.text(text(key));
        }
    }

    private SafeHtml rich(String key) {
        return scene.words()
                .rich(value(key)
                        .map(v -> v instanceof Value.Text text ? text.text() : "")
                        .orElse(""));
    }

    private String words(String key, Value value) {
        return values.get(key) instanceof Value.Bound || value instanceof Value.Num
                ? scene.words().inWords(declaration(key), value)
                : ((Value.Text) value).text();
    }

    /** What holds: the given value, else the declared one; what does not matter now is as it is declared. */
    private Optional<Value> value(String key) {
        Property property = declaration(key);
        if (!property.onlyWhen().holds(this::held)) {
            return Optional.ofNullable(property.fallback());
        }
        Value given = values.get(key);
        if (given instanceof Value.Bound b) {
            return scene.words().bound(b.source());
        }
        return Optional.ofNullable(given != null ? given : property.fallback());
    }

    private @Nullable Value held(String key) {
        return declared.stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .flatMap(p -> p.in(values))
                .orElse(null);
    }

    private Property declaration(String key) {
        for (Property property : declared) {
            if (property.key().equals(key)) {
                return property;
            }
        }
        throw new IllegalArgumentException("not declared: " + key);
    }
}
