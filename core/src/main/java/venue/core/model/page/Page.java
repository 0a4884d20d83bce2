package venue.core.model.page;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.section.OnSite;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/**
 * A page of the site.
 *
 * @param parent the page it stands beneath; absent at the top
 * @param position its place among its siblings, ascending; gaps mean nothing
 * @param template the template chosen here; absent for "as its kind says"
 * @param shelf sections that have no zone at present
 * @param fields the values of its kind's fields; those of other kinds are kept
 * @param settings the values of {@link PageSettings}
 * @param withdrawn taken off the site, its address kept
 * @param taken the hash of a template as it was when this page last took what it brings, though it may have kept nothing
 *     of that; absent where it never did
 */
public record Page(
        String id,
        String title,
        String segment,
        @Nullable String parent,
        long position,
        String kind,
        @Nullable String template,
        Zones zones,
        List<Section> shelf,
        Map<String, Value> fields,
        Map<String, Value> settings,
        boolean withdrawn,
        @Nullable Hash taken)
        implements OnSite, OfKind {

    /** The longest title, in characters. */
    public static final int LONGEST_TITLE = 200;

    public Page {
        // One text for the thousands of pages of a kind: looked up for each of them wherever pages are gathered.
        kind = kind == null ? kind : kind.intern();
        zones = zones == null ? Zones.NONE : zones;
        shelf = shelf == null ? List.of() : List.copyOf(shelf);
        fields = Values.copy(fields);
        settings = Values.copy(settings);
    }

    /** A page at the top of the plan that holds nothing yet. */
    public static Page of(String id, String title, String segment, String kind) {
        return new Page(
                id, title, segment, null, 0, kind, null, Zones.NONE, List.of(), Map.of(), Map.of(), false, null);
    }

    /** Gives back a title with its white space folded, or refuses it. */
    public static String checkTitle(String title) {
        String folded = Letters.line(title);
        if (Letters.isUnseen(folded)) {
            throw Refusal.badInput(
                    "title-empty", "title", "A page needs a title.", "Write one; the address is made from it.");
        }
        if (folded.length() > LONGEST_TITLE) {
            throw Refusal.badInput(
                    "title-too-long",
                    "title",
                    "This title has " + folded.length() + " characters; " + LONGEST_TITLE + " fit.",
                    "Shorten it, and put the rest into the page's text.");
        }
        return folded;
    }

    @Override
    public String name() {
        return title;
    }

    @Override
    public Page asListed() {
        return this;
    }

    public Page withId(String other) {
        return but(d -> d.id = other);
    }

    public Page withKind(String other) {
        return but(d -> d.kind = other);
    }

    public Page withTitle(String words) {
        return but(d -> d.title = words);
    }

    public Page withSegment(String part) {
        return but(d -> d.segment = part);
    }

    public Page withPlace(@Nullable String newParent, long newPosition) {
        return but(d -> {
            d.parent = newParent;
            d.position = newPosition;
        });
    }

    /** @param chosen absent for "as its kind says" */
    public Page wearing(@Nullable String chosen) {
        return but(d -> d.template = chosen);
    }

    public Page withTemplate(@Nullable String chosen, Zones arranged, List<Section> shelved) {
        return but(d -> {
            d.template = chosen;
            d.zones = arranged;
            d.shelf = shelved;
        });
    }

    @Override
    public Zones body() {
        return zones;
    }

    @Override
    public Page withBody(Zones changed) {
        return withZones(changed);
    }

    @Override
    public Stream<Section> everySection() {
        return Stream.concat(zones.all(), shelf.stream());
    }

    public Page withZones(Zones changed) {
        return but(d -> d.zones = changed);
    }

    public Page withField(String key, @Nullable Value value) {
        return but(d -> d.fields = Values.with(fields, key, value));
    }

    public Page withFields(Map<String, Value> all) {
        return but(d -> d.fields = all);
    }

    public Page withSettings(Map<String, Value> all) {
        return but(d -> d.settings = all);
    }

    public Page withSetting(String key, @Nullable Value value) {
        return but(d -> d.settings = Values.with(settings, key, value));
    }

    public Page withWithdrawn(boolean off) {
        return but(d -> d.withdrawn = off);
    }

    public Page withTaken(@Nullable Hash hash) {
        return but(d -> d.taken = hash);
    }

    public boolean isKeptOut() {
        return Values.flag(settings, "keepOut");
    }

    /** What stands for it in menus and breadcrumbs. */
    public String menuLabel() {
        String label = Values.text(settings, "menuLabel");
        return label.isEmpty() ? title : label;
    }

    /** The same page but for what is changed in it: the one place where its parts are copied. */
    private Page but(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return new Page(
                draft.id,
                draft.title,
                draft.segment,
                draft.parent,
                draft.position,
                draft.kind,
                draft.template,
                draft.zones,
                draft.shelf,
                draft.fields,
                draft.settings,
                draft.withdrawn,
                draft.taken);
    }

    private static final class Draft {
        private String id;
        private String title;
        private String segment;
        private @Nullable String parent;
        private long position;
        private String kind;
        private @Nullable String template;
        private Zones zones;
        private List<Section> shelf;
        private Map<String, Value> fields;
        private Map<String, Value> settings;
        private boolean withdrawn;
        private @Nullable Hash taken;

        private Draft(Page page) {
            id = page.id;
            title = page.title;
            segment = page.segment;
            parent = page.parent;
            position = page.position;
            kind = page.kind;
            template = page.template;
            zones = page.zones;
            shelf = page.shelf;
            fields = page.fields;
            settings = page.settings;
            withdrawn = page.withdrawn;
            taken = page.taken;
        }
    }
}
