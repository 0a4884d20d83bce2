package venue.core.change.edit.whole;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Gathered;
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
        Gathered gathered = new Gathered(desk);
        commands.forEach(gathered::take);
        return gathered.change(called());
    }

    private String called() {
        String words = Words.shorten(Letters.line(name == null ? "" : name), LONGEST_NAME);
        return words.isEmpty() ? "do " + Words.count(commands.size(), "thing") + " at once" : words;
    }
}
