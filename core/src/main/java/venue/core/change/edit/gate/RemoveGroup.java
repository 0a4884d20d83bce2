package venue.core.change.edit.gate;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.gate.Group;
import venue.core.sort.Sorts;

/** Removes a group that nothing names. Its members stay members. */
@JsonTypeName("remove-group")
record RemoveGroup(String group) implements GateCommand {

    private static final int NAMED = 3;

    @Override
    public Change on(Desk desk) {
        Group gone = desk.edition().require(Group.class, group);
        List<Item> naming = desk.edition().items().stream()
                .filter(i -> Sorts.groups(i).anyMatch(group::equals))
                .toList();
        if (!naming.isEmpty()) {
            String names =
                    naming.stream().limit(NAMED).map(Item::name).sorted().collect(Collectors.joining("”, “", "“", "”"));
            throw Refusal.conflict(
                    "group-named",
                    "group",
                    gone.name() + " may see what others may not: it is named by " + names
                            + (naming.size() > NAMED ? " and " + (naming.size() - NAMED) + " more" : "") + ".",
                    "Say there who else may see it, then remove the group.");
        }
        return new Change("remove the group " + gone.name(), List.of(), List.of(group));
    }
}
