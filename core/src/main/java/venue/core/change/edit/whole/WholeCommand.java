package venue.core.change.edit.whole;

import java.util.List;
import venue.core.basics.item.Item;
import venue.core.change.edit.Command;

/** What is done to many items at once, whatever their sorts: brought from elsewhere, or by several commands together. */
public sealed interface WholeCommand extends Command permits TakeIn, Together {

    static WholeCommand takeIn(String source, List<Item> items) {
        return new TakeIn(source, items, false);
    }

    /** The same, refused where anything would have to be cleaned. */
    static WholeCommand takeInAsTheyAre(String source, List<Item> items) {
        return new TakeIn(source, items, true);
    }

    /** Several commands as one step. */
    static WholeCommand together(String name, List<? extends Command> commands) {
        return new Together(name, List.copyOf(commands));
    }
}
