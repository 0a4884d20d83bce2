package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.kind.Kind;

/** Retires a kind, or offers it again: the pages of a retired one stay, and no more are made. */
@JsonTypeName("retire-kind")
record RetireKind(String kind, boolean retired) implements KindCommand {

    @Override
    public Change on(Desk desk) {
        Kind target = desk.edition().require(Kind.class, kind);
        return Change.of(
                (retired ? "retire the kind " : "offer the kind ") + target.name(), target.withRetired(retired));
    }
}
