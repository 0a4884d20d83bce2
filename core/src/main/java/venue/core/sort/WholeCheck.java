package venue.core.sort;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.page.Segment;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.theme.ThemeSettings;

/**
 * Holds whole items against the declarations that hold what is written by hand.
 *
 * @param then the site as it would be with all that is taken in
 */
record WholeCheck(Edition then) {

    static final int LONGEST_NAME = 200;

    static Sectioned sections(Sectioned sectioned) {
        Set<String> ids = new HashSet<>();
        Map<String, List<Section>> zones = new TreeMap<>();
        sectioned.body().byKey().forEach((zone, sections) -> {
            if (!sections.stream().allMatch(s -> ids.add(s.id()))) {
                throw wrong(sectioned, "two of its sections have the same id");
            }
            zones.put(zone, sections.stream().map(Elements::check).toList());
        });
        return sectioned.withBody(new Zones(zones));
    }

    Page page(Page page) {
        Segment.check(page.segment());
        Page.checkTitle(page.title());
        settings(page);
        Page checked = page;
        for (Map.Entry<String, Value> field :
                fields(page.kind(), page.fields(), page.title()).entrySet()) {
            checked = checked.withField(field.getKey(), field.getValue());
        }
        return checked.withTemplate(
                page.template(),
                page.zones(),
                page.shelf().stream().map(Elements::check).toList());
    }

    /** Options are held against the template that the page wears; what it chose in another waits, and may be anything. */
    private void settings(Page page) {
        Map<String, Value> general = new HashMap<>(page.settings());
        general.keySet().removeIf(key -> key.startsWith(Template.OPTION) || key.startsWith(Differing.PREFIX));
        PropertyCheck.all(ThemeSettings.all(), Differing.of(page), page.title());
        PropertyCheck.all(PageSettings.all(), general, page.title());
        for (Property option : then.worn(page).template().options()) {
            Value chosen = page.settings().get(Template.OPTION + option.key());
            if (chosen != null) {
                PropertyCheck.one(option, chosen, page.title() + "." + Template.OPTION + option.key());
            }
        }
    }

    /** What a kind declares; what another one did is kept, and may be anything. */
    Map<String, Value> fields(String kind, Map<String, Value> values, String name) {
        Map<String, Value> checked = new TreeMap<>(values);
        for (Property field : then.find(Kind.class, kind).map(Kind::fields).orElse(List.of())) {
            Value value = values.get(field.key());
            if (value != null) {
                checked.put(field.key(), PropertyCheck.one(field, value, name + "." + field.key()));
            }
        }
        return checked;
    }

    static void words(Item item, @Nullable String words, int most) {
        if (words != null && (words.length() > most || !words.equals(Letters.clean(words)))) {
            throw wrong(item, "a name or a line of it is too long, or holds signs that can't be written");
        }
    }

    static Refusal wrong(Item item, String why) {
        String name = item.name();
        return Refusal.badInput(
                "bad-item",
                item.id(),
                "“" + name.substring(0, Math.min(60, name.length())) + "” can't be taken in: " + why + ".",
                "Mend it where it comes from.");
    }
}
