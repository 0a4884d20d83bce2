package venue.core.change.edit.gate;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;
import venue.core.model.gate.Gate;

/** Who may see what, and the groups of members that may. Who belongs to one is kept elsewhere. */
public sealed interface GateCommand extends Command permits SetGate, MakeGroup, DescribeGroup, RemoveGroup {

    /** @param gate absent to leave it to what stands above */
    static GateCommand setGate(List<String> items, @Nullable Gate gate) {
        return gate == null
                ? new SetGate(items, null, List.of(), false)
                : new SetGate(
                        items,
                        gate.audience().who().key(),
                        gate.audience().groups().stream().sorted().toList(),
                        gate.hidden());
    }

    static GateCommand makeGroup(String id, String name, String note) {
        return new MakeGroup(id, name, note);
    }

    static GateCommand describeGroup(String group, String name, String note) {
        return new DescribeGroup(group, name, note);
    }

    static GateCommand removeGroup(String group) {
        return new RemoveGroup(group);
    }
}
