package venue.core.change.edit.gate;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.gate.Group;

/** Gives a group another name, or says something else of it. */
@JsonTypeName("describe-group")
record DescribeGroup(String group, String name, String note) implements GateCommand {

    @Override
    public Change on(Desk desk) {
        Group was = desk.edition().require(Group.class, group);
        Group is = was.called(GroupWords.name(desk, group, name), GroupWords.note(note));
        return Change.of(
                was.name().equals(is.name())
                        ? "describe the group " + is.name()
                        : "call the group " + was.name() + " " + is.name(),
                is);
    }
}
