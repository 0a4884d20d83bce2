package venue.core.change.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;

/** Says in which order the groups of patterns are offered; those that are not named come last, by their names. */
@JsonTypeName("order-groups")
record OrderGroups(List<String> groups) implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        return Change.of(
                "order of the groups of patterns",
                desk.edition().site().withPatternGroups(PatternNames.groups(groups)));
    }
}
