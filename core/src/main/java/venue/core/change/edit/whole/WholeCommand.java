package venue.core.change.edit.whole;

import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Command;

/** What is done to many items at once, whatever their sorts: brought from elsewhere, or by several commands together. */
public sealed interface WholeCommand extends Command permits TakeIn, Together {

    /** The most commands of one step. */
    int MOST = 25_000;

    /** Refuses no commands, and more than are one step. */
    static void requireCount(List<? extends Command> commands) {
        if (commands.isEmpty() || commands.size() > MOST) {
            throw Refusal.badInput(
                    "bad-count",
                    "commands",
                    commands.size() + " at once; 1 to " + MOST + " can be done.",
                    "Choose fewer, and do the rest afterwards.");
        }
    }

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
