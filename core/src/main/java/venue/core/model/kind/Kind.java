package venue.core.model.kind;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.Settable;
import venue.core.model.site.Role;

/**
 * What a page is.
 *
 * @param fields what its pages hold beside their sections, in the order of the form; {@code summary}, {@code picture} and
 *     {@code date} are shown by listings where a kind has them
 * @param putAway fields taken off the form; what pages hold in them is kept and comes back with them
 * @param templates the templates its pages may wear; empty for all
 * @param template the template its pages wear unless they choose
 * @param settings the values of {@link KindSettings}
 * @param retired its pages stay, and no more are made
 */
public record Kind(
        String id,
        String name,
        String note,
        List<Property> fields,
        List<Property> putAway,
        List<String> templates,
        @Nullable String template,
        Placement beneath,
        Map<String, Value> settings,
        boolean retired)
        implements Settable {

    public Kind {
        note = note == null ? "" : note;
        fields = fields == null ? List.of() : List.copyOf(fields);
        putAway = putAway == null ? List.of() : List.copyOf(putAway);
        templates = templates == null ? List.of() : List.copyOf(templates);
        beneath = beneath == null ? Placement.ANYWHERE : beneath;
        settings = Values.copy(settings);
    }

    /** A kind whose pages may stand anywhere and wear anything. */
    public static Kind named(String id, String name, String note, List<Property> fields) {
        return new Kind(id, name, note, fields, List.of(), List.of(), null, Placement.ANYWHERE, Map.of(), false);
    }

    /** What its pages are called: "Article pages", "Standard pages". */
    public String pages() {
        return name.replaceFirst(" [Pp]age$", "") + " pages";
    }

    /** Another kind like this one. */
    public Kind copy(String newId, String words) {
        return but(d -> {
            d.id = newId;
            d.name = words;
            d.retired = false;
        });
    }

    /** @param allowed empty for all */
    public Kind withTemplates(@Nullable String worn, List<String> allowed) {
        return but(d -> {
            d.template = worn;
            d.templates = allowed;
        });
    }

    public Kind withName(String words, String about) {
        return but(d -> {
            d.name = words;
            d.note = about;
        });
    }

    public Kind withFields(List<Property> form, List<Property> away) {
        return but(d -> {
            d.fields = form;
            d.putAway = away;
        });
    }

    public Kind withPlacement(Placement where) {
        return but(d -> d.beneath = where);
    }

    @Override
    public Property setting(String key) {
        return PropertyCheck.require(KindSettings.kept(), key, key);
    }

    @Override
    public String told() {
        return "the kind " + name;
    }

    @Override
    public Kind with(String key, @Nullable Value value) {
        return withSettings(Values.with(settings, key, value));
    }

    public Kind withSettings(Map<String, Value> all) {
        return but(d -> d.settings = all);
    }

    public Kind withId(String other) {
        return but(d -> d.id = other);
    }

    public Kind withRetired(boolean off) {
        return but(d -> d.retired = off);
    }

    public Optional<Property> field(String key) {
        return fields.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    /** Whether pages of this kind may wear the template. */
    public boolean mayWear(String templateId) {
        return templates.isEmpty() || templates.contains(templateId);
    }

    /** Whether it stands among the first when a page is made. */
    public boolean offeredFirst() {
        return Values.flag(settings, "offeredFirst");
    }

    /** What its pages are to search engines: {@code none}, {@code article}, {@code event} or {@code person}. */
    public String meaning() {
        return said("meaning");
    }

    /** Whether its pages are topics, which others name. */
    public boolean isOfTopics() {
        return Values.flag(settings, "topics");
    }

    /** Whether visitors may put its pages or entries into a basket. */
    public boolean isTakenAlong() {
        return Values.flag(settings, "takenAlong");
    }

    /** How its pages take comments: {@code none}, {@code held} or {@code once}. */
    public String comments() {
        return said("comments");
    }

    /** After how many days from their date its pages take no more comments; 0 for never. */
    public int commentsDays() {
        Value days = PropertyCheck.require(KindSettings.all(), "commentsDays", "commentsDays")
                .in(settings)
                .orElseThrow();
        return ((Value.Num) days).number().intValue();
    }

    /** Whether it has entries without pages, shown by listings alone. */
    public boolean isPageless() {
        return Values.flag(settings, "pageless");
    }

    /** Where writing starts, {@code galley} or {@code form}. */
    public String startsIn() {
        return said("startsIn");
    }

    /** Who may make its pages: this role, and managers. */
    public Role madeBy() {
        return Role.valueOf(said("madeBy"));
    }

    /** Who may change its pages: this role, and managers. */
    public boolean mayBeChangedBy(Role role) {
        return role == Role.MANAGER || changedBy() == role;
    }

    private Role changedBy() {
        return Role.valueOf(said("changedBy"));
    }

    private String said(String key) {
        Value value =
                PropertyCheck.require(KindSettings.all(), key, key).in(settings).orElseThrow();
        return ((Value.Text) value).text();
    }

    /** The same kind but for what is changed in it: the one place where its parts are copied. */
    private Kind but(Consumer<Draft> change) {
        Draft d = new Draft(this);
        change.accept(d);
        return new Kind(
                d.id, d.name, d.note, d.fields, d.putAway, d.templates, d.template, d.beneath, d.settings, d.retired);
    }

    private static final class Draft {
        private String id;
        private String name;
        private String note;
        private List<Property> fields;
        private List<Property> putAway;
        private List<String> templates;
        private @Nullable String template;
        private Placement beneath;
        private Map<String, Value> settings;
        private boolean retired;

        private Draft(Kind kind) {
            id = kind.id;
            name = kind.name;
            note = kind.note;
            fields = kind.fields;
            putAway = kind.putAway;
            templates = kind.templates;
            template = kind.template;
            beneath = kind.beneath;
            settings = kind.settings;
            retired = kind.retired;
        }
    }
}
