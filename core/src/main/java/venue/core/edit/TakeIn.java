package venue.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.item.Item;
import venue.core.page.Page;
import venue.core.page.PageSettings;
import venue.core.page.Segment;
import venue.core.property.PropertyCheck;
import venue.core.section.Sectioned;
import venue.core.section.Zones;
import venue.core.text.Words;
import venue.core.theme.Theme;
import venue.core.theme.ThemeSettings;

/** Takes in whole items from outside, each held against the same declarations as what is written by hand. */
public record TakeIn(String source, List<Item> items) implements Command {

    @Override
    public Change on(Desk desk) {
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
            put.add(checked(item));
        }
        return new Change("take in " + Words.count(put.size(), "item") + " from " + source, put, List.of());
    }

    private static Item checked(Item item) {
        if (item instanceof Page page) {
            Segment.check(page.segment());
            Page.checkTitle(page.title());
            PropertyCheck.all(PageSettings.all(), page.settings(), page.title());
        }
        if (item instanceof Sectioned sectioned) {
            Zones zones = sectioned.body();
            for (var section : sectioned.body().all().toList()) {
                zones = zones.change(section.id(), Elements::check);
            }
            return sectioned.withBody(zones);
        }
        if (item instanceof Theme theme) {
            return new Theme(
                    theme.id(), theme.name(), PropertyCheck.all(ThemeSettings.all(), theme.settings(), theme.name()));
        }
        return item;
    }
}
