package venue.core.change.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.model.pattern.Pattern;

/** Names a pattern, says what it is for, and sorts it into a group, which may be a new one. */
@JsonTypeName("describe-pattern")
record DescribePattern(String pattern, String name, String group, String note) implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        Pattern target = desk.edition().require(Pattern.class, pattern);
        String words = PatternNames.check(desk.edition(), pattern, name);
        String purpose = PatternNames.group(group);
        return Change.of(
                purpose.equals(target.group())
                        ? "name of the pattern " + words
                        : "sort the pattern " + words + " into " + purpose,
                target.described(words, purpose, Names.checkNote(note)));
    }
}
