package venue.core.change.edit.whole;

import java.util.List;
import venue.core.basics.item.Item;
import venue.core.change.edit.Command;

/** What brings whole items from elsewhere, whatever their sorts. */
public sealed interface WholeCommand extends Command permits TakeIn {

    static WholeCommand takeIn(String source, List<Item> items) {
        return new TakeIn(source, items, false);
    }

    /** The same, refused where anything would have to be cleaned. */
    static WholeCommand takeInAsTheyAre(String source, List<Item> items) {
        return new TakeIn(source, items, true);
    }
}
