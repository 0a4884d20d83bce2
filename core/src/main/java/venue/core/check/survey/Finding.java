package venue.core.check.survey;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;

/**
 * Something that does not agree.
 *
 * @param rule the key of the rule that found it
 * @param item the page, menu or look it is about
 * @param says what is wrong, as a sentence
 * @param why why it matters
 * @param mends commands that mend it, each with what its button says
 * @param section the section to go to, where one is meant
 */
public record Finding(
        String rule,
        Severity severity,
        String item,
        String says,
        String why,
        List<Mend> mends,
        @Nullable String section) {

    /** A mend in one click. */
    public record Mend(String label, Command command) {}

    static Finding of(Rule rule, String item, String says, Mend... mends) {
        return new Finding(rule.key(), rule.severity(), item, says, rule.why(), List.of(mends), null);
    }

    Finding at(@Nullable String sectionId) {
        return new Finding(rule, severity, item, says, why, mends, sectionId);
    }
}
