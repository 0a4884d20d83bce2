package venue.core.change.edit.gate;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.gate.Group;

/** Makes a group of members, to which nobody belongs yet. */
@JsonTypeName("make-group")
record MakeGroup(String id, String name, String note) implements GateCommand {

    /** The most groups of one site: a visitor's request may look at each. */
    private static final int MOST = 200;

    @Override
    public Change on(Desk desk) {
        if (desk.edition().find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "“" + id + "” is there already.", "Take another id.");
        }
        if (desk.edition().all(Group.class).count() >= MOST) {
            throw Refusal.badInput(
                    "too-many-groups",
                    "name",
                    "There are " + MOST + " groups; a site takes no more.",
                    "Remove one that is of no use any more.");
        }
        Group group = new Group(Ids.check(id, "id"), GroupWords.name(desk, id, name), GroupWords.note(note));
        return Change.of("make the group " + group.name(), group);
    }
}
