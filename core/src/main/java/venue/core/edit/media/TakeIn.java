package venue.core.edit.media;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.edition.Edition;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.item.Item;
import venue.core.page.Page;
import venue.core.page.PageSettings;
import venue.core.page.Segment;
import venue.core.property.Property;
import venue.core.property.PropertyCheck;
import venue.core.section.Sectioned;
import venue.core.section.Zones;
import venue.core.template.Template;
import venue.core.text.Words;
import venue.core.theme.Look;
import venue.core.theme.ThemeSettings;
import venue.core.value.Value;

/** Takes in whole items from outside, each held against the same declarations as what is written by hand. */
record TakeIn(String source, List<Item> items) implements MediaCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition then = desk.edition().with(items, List.of());
        List<Item> put = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Item item : items) {
            Ids.check(item.id(), "id");
            if (!ids.add(item.id())) {
                throw Refusal.badInput(
                        "id-twice",
                        "id",
                        "The id “" + item.id() + "” stands on two items of " + source + ".",
                        "Give each item an id of its own.");
            }
            put.add(checked(then, item));
        }
        return new Change("take in " + Words.count(put.size(), "item") + " from " + source, put, List.of());
    }

    private static Item checked(Edition then, Item item) {
        if (item instanceof Page page) {
            Segment.check(page.segment());
            Page.checkTitle(page.title());
            settings(then, page);
        }
        if (item instanceof Sectioned sectioned) {
            Zones zones = sectioned.body();
            for (var section : sectioned.body().all().toList()) {
                zones = zones.change(section.id(), Elements::check);
            }
            return sectioned.withBody(zones);
        }
        if (item instanceof Look theme) {
            return new Look(
                    theme.id(), theme.name(), PropertyCheck.all(ThemeSettings.all(), theme.settings(), theme.name()));
        }
        return item;
    }

    /** Options are held against the template that the page wears; what it chose in another waits, and may be anything. */
    private static void settings(Edition then, Page page) {
        Map<String, Value> general = new HashMap<>(page.settings());
        general.keySet().removeIf(key -> key.startsWith(Template.OPTION));
        PropertyCheck.all(PageSettings.all(), general, page.title());
        for (Property option : then.worn(page).template().options()) {
            Value chosen = page.settings().get(Template.OPTION + option.key());
            if (chosen != null) {
                PropertyCheck.one(option, chosen, page.title() + "." + Template.OPTION + option.key());
            }
        }
    }
}
