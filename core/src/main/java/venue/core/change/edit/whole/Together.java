package venue.core.change.edit.whole;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import venue.core.basics.item.Item;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Role;

/**
 * Several commands as one step. Each works on what those before it have made; where one is refused, all are.
 *
 * @param name what the step is called, in a few words
 */
@JsonTypeName("together")
record Together(String name, List<Command> commands) implements WholeCommand {

    private static final int LONGEST_NAME = 120;

    Together {
        commands = commands == null ? List.of() : List.copyOf(commands);
    }

    @Override
    public Role needs(Edition edition) {
        return commands.stream().allMatch(c -> c.needs(edition) == Role.EDITOR) ? Role.EDITOR : Role.MANAGER;
    }

    @Override
    public Change on(Desk desk) {
        WholeCommand.requireCount(commands);
        Edition at = desk.edition();
        Map<String, Item> put = new LinkedHashMap<>();
        Set<String> removed = new LinkedHashSet<>();
        for (Command command : commands) {
            Change change = command.on(desk.on(at));
            at = at.with(change.put(), change.removed());
            change.put().forEach(i -> {
                put.put(i.id(), i);
                removed.remove(i.id());
            });
            change.removed().forEach(id -> {
                put.remove(id);
                removed.add(id);
            });
        }
        removed.removeIf(id -> desk.edition().find(id).isEmpty());
        return new Change(called(), List.copyOf(put.values()), List.copyOf(removed));
    }

    private String called() {
        String words = Words.shorten(Letters.line(name == null ? "" : name), LONGEST_NAME);
        return words.isEmpty() ? "do " + Words.count(commands.size(), "thing") + " at once" : words;
    }
}
