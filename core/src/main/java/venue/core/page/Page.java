package venue.core.page;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.fault.Refusal;
import venue.core.section.Section;
import venue.core.section.Sectioned;
import venue.core.section.Zones;
import venue.core.value.Value;
import venue.core.value.Values;

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
        boolean withdrawn)
        implements Sectioned {

    /** The longest title, in characters. */
    public static final int LONGEST_TITLE = 200;

    public Page {
        zones = zones == null ? Zones.NONE : zones;
        shelf = shelf == null ? List.of() : List.copyOf(shelf);
        fields = Values.copy(fields);
        settings = Values.copy(settings);
    }

    /** Gives back a title with its white space folded, or refuses it. */
    public static String checkTitle(String title) {
        String folded = title.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        if (folded.isEmpty()) {
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

    public Page withTitle(String words) {
        return new Page(
                id, words, segment, parent, position, kind, template, zones, shelf, fields, settings, withdrawn);
    }

    public Page withSegment(String part) {
        return new Page(id, title, part, parent, position, kind, template, zones, shelf, fields, settings, withdrawn);
    }

    public Page withPlace(@Nullable String newParent, long newPosition) {
        return new Page(
                id, title, segment, newParent, newPosition, kind, template, zones, shelf, fields, settings, withdrawn);
    }

    public Page withTemplate(@Nullable String chosen, Zones arranged, List<Section> shelved) {
        return new Page(
                id, title, segment, parent, position, kind, chosen, arranged, shelved, fields, settings, withdrawn);
    }

    @Override
    public Zones body() {
        return zones;
    }

    @Override
    public Page withBody(Zones changed) {
        return withZones(changed);
    }

    public Page withZones(Zones changed) {
        return new Page(
                id, title, segment, parent, position, kind, template, changed, shelf, fields, settings, withdrawn);
    }

    public Page withField(String key, @Nullable Value value) {
        Map<String, Value> changed = Values.with(fields, key, value);
        return new Page(
                id, title, segment, parent, position, kind, template, zones, shelf, changed, settings, withdrawn);
    }

    public Page withSetting(String key, @Nullable Value value) {
        Map<String, Value> changed = Values.with(settings, key, value);
        return new Page(id, title, segment, parent, position, kind, template, zones, shelf, fields, changed, withdrawn);
    }

    public Page withWithdrawn(boolean off) {
        return new Page(id, title, segment, parent, position, kind, template, zones, shelf, fields, settings, off);
    }

    public boolean isKeptOut() {
        return Values.flag(settings, "keepOut");
    }

    /** What stands for it in menus and breadcrumbs. */
    public String menuLabel() {
        String label = Values.text(settings, "menuLabel");
        return label.isEmpty() ? title : label;
    }
}
