package venue.core.change.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.pattern.Pattern;

/** Removes a pattern. Its copies stay where they are and are their pages' own from then on. */
@JsonTypeName("remove-pattern")
record RemovePattern(String pattern) implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        Pattern going = desk.edition().require(Pattern.class, pattern);
        return new Change("remove the pattern " + going.name(), List.of(), List.of(pattern));
    }
}
