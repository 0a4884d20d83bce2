package venue.core.change.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.usage.MenuUse;
import venue.core.model.menu.Menu;
import venue.core.model.property.Property;
import venue.core.model.site.Site;

/** Removes a menu; where the site showed it around every page there is none then. One that stands in sections can't be removed. */
@JsonTypeName("remove-menu")
record RemoveMenu(String menu) implements MenuCommand {

    private static final int NAMED = 3;

    @Override
    public Change on(Desk desk) {
        Menu gone = desk.edition().require(Menu.class, menu);
        List<Item> showing = MenuUse.sections(desk.edition(), menu);
        if (!showing.isEmpty()) {
            String names = showing.stream().limit(NAMED).map(Item::name).collect(Collectors.joining("”, “", "“", "”"));
            throw Refusal.conflict(
                    "menu-shown",
                    "menu",
                    gone.name() + " stands in sections of " + names
                            + (showing.size() > NAMED ? " and " + (showing.size() - NAMED) + " more" : "") + ".",
                    "Take it out there first, or show another menu there.");
        }
        Site site = desk.edition().site();
        Site without = site;
        for (Property place : MenuUse.places(desk.edition(), menu)) {
            without = without.with(place.key(), null);
        }
        return new Change(
                "remove the menu " + gone.name(), without.equals(site) ? List.of() : List.of(without), List.of(menu));
    }
}
