package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.model.kind.Kind;

/** Names a kind and says what its pages are. */
@JsonTypeName("describe-kind")
record DescribeKind(String kind, String name, String note) implements KindCommand {

    @Override
    public Change on(Desk desk) {
        Kind target = desk.edition().require(Kind.class, kind);
        String words = Names.check(desk.edition(), Kind.class, kind, name);
        return Change.of("name of the kind " + words, target.withName(words, Names.checkNote(note)));
    }
}
