package venue.server.catalog;

import java.util.List;
import venue.core.pattern.Pattern;
import venue.store.workspace.Standing;

/**
 * A pattern of the tray.
 *
 * @param kinds the kinds of element it holds
 * @param drawn the hash of all that its drawing is made from
 */
record PatternInfo(
        String id,
        String name,
        String group,
        long toFill,
        int sections,
        int columns,
        List<String> kinds,
        String drawn) {

    static PatternInfo of(Standing standing, Pattern pattern) {
        return new PatternInfo(
                pattern.id(),
                pattern.name(),
                pattern.group(),
                pattern.toFill(),
                pattern.sections().size(),
                pattern.sections().get(0).columns().size(),
                Drawn.kinds(pattern),
                Drawn.print(standing, pattern.id()));
    }
}
