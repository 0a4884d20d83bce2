package venue.core.change.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.pattern.Pattern;

/** Retires a pattern, or offers it again: a retired one can still be rolled out to its copies, and is not placed anew. */
@JsonTypeName("retire-pattern")
record RetirePattern(String pattern, boolean retired) implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        Pattern target = desk.edition().require(Pattern.class, pattern);
        return Change.of(
                (retired ? "retire the pattern " : "offer the pattern ") + target.name(), target.withRetired(retired));
    }
}
