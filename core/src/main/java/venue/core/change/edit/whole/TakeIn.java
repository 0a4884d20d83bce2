package venue.core.change.edit.whole;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Edition;
import venue.core.sort.Sorts;

/**
 * Takes in whole items from outside, each held against the same declarations as what is written by hand.
 *
 * @param asTheyAre refuses what would have to be cleaned, instead of cleaning it
 */
record TakeIn(String source, List<Item> items, boolean asTheyAre) implements WholeCommand, ForEditors {

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
            Item checked = Sorts.checked(item, then);
            if (asTheyAre && !checked.equals(item)) {
                throw unclean(item);
            }
            put.add(checked);
        }
        return new Change(
                put.size() == 1 ? "bring in " + source : "bring in " + source + ", " + Words.count(put.size(), "item"),
                put,
                List.of());
    }

    private static Refusal unclean(Item item) {
        return Refusal.badInput(
                "not-clean",
                item.id(),
                "“" + item.name() + "” holds what would have to be cleaned first, such as a script in its text.",
                "Mend it where it comes from; nothing was taken in.");
    }
}
