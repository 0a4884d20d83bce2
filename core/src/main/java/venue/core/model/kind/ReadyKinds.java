package venue.core.model.kind;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** Kinds of entries without pages that many sites keep, with their columns: to begin with, and then like any other kind. */
public final class ReadyKinds {

    private static final List<Kind> ALL = List.of(
            kind(
                    "repairs",
                    "Repairs to do",
                    "what is broken, and who sees to it",
                    of("where", "Where", PropertyType.WORDS),
                    of("date", "Noticed", PropertyType.DATE),
                    of("who", "Who sees to it", PropertyType.WORDS),
                    choice("state", "State", "waiting=Waiting", "begun=Begun", "done=Done")),
            kind(
                    "lendings",
                    "Lendings",
                    "what is lent, to whom and until when",
                    of("to", "Lent to", PropertyType.WORDS),
                    of("date", "On", PropertyType.DATE),
                    of("until", "Back by", PropertyType.DATE)),
            kind(
                    "states",
                    "State of each thing",
                    "what works, and what does not",
                    choice("state", "State", "works=Works", "partly=Works in part", "out=Out of use"),
                    of("date", "Looked at", PropertyType.DATE),
                    of("note", "Good to know", PropertyType.WORDS)));

    private ReadyKinds() {}

    public static List<Kind> all() {
        return ALL;
    }

    public static Optional<Kind> find(String id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    private static Kind kind(String id, String name, String note, Property... columns) {
        List<Property> shown = Stream.of(columns).map(Property::listed).toList();
        return Kind.named(id, name, note, shown).with("pageless", Value.of(true));
    }
}
