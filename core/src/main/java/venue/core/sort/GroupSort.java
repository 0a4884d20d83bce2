package venue.core.sort;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.gate.Group;

/** Groups of members. */
final class GroupSort extends Sort<Group> {

    GroupSort() {
        super(Group.class);
    }

    @Override
    Optional<Item> anew(Group group, String id, Walk walk) {
        return Optional.of(group.withId(id));
    }

    @Override
    Optional<Item> called(Group group, String name) {
        return Optional.empty();
    }

    @Override
    Item checked(Group group, WholeCheck check) {
        WholeCheck.words(group, group.note(), Group.LONGEST_NOTE);
        return group;
    }

    @Override
    int longestName() {
        return Group.LONGEST_NAME;
    }

    @Override
    String note(Group group) {
        return group.note();
    }

    @Override
    List<String> tells(@Nullable Group live, Group working, Between between) {
        if (live == null) {
            return List.of("New");
        }
        return List.of(live.name().equals(working.name()) ? "Another note" : "Renamed from “" + live.name() + "”");
    }

    /** There is one group of a name in a site. */
    @Override
    Optional<String> likeness(Group group) {
        return Optional.of(group.name().toLowerCase(Locale.ROOT));
    }
}
