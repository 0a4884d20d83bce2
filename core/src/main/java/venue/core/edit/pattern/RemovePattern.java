package venue.core.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.pattern.Pattern;

/** Removes a pattern. Its copies stay where they are and are their pages' own from then on. */
@JsonTypeName("remove-pattern")
record RemovePattern(String pattern) implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        Pattern going = desk.edition().require(Pattern.class, pattern);
        return new Change("remove the pattern " + going.name(), List.of(), List.of(pattern));
    }
}
