package venue.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import venue.core.basics.item.Hash;
import venue.core.edition.edition.Asks;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.pattern.Pattern;
import venue.core.show.render.Furnished;
import venue.store.workspace.Standing;

/**
 * A pattern, as it is offered.
 *
 * @param drawn the hash of all that its drawing is made from
 */
record PatternInfo(
        @JsonUnwrapped PatternHead head, @JsonUnwrapped PatternHolds holds, Asks asks, String drawn) {

    /** @param note what it is for */
    public record PatternHead(String id, String name, String group, String note, boolean retired) {}

    /** @param kinds the kinds of element it holds */
    public record PatternHolds(long toFill, int sections, int columns, List<String> kinds) {}

    /** All of the site, by name; drawn with the pictures that it has now. */
    static List<PatternInfo> all(Standing standing) {
        Edition edition = standing.working();
        String pictures = Furnished.pictures(edition).map(Media::id).collect(Collectors.joining(" "));
        return edition.patterns()
                .sorted(Comparator.comparing(Pattern::name))
                .map(p -> of(standing, p, pictures))
                .toList();
    }

    private static PatternInfo of(Standing standing, Pattern pattern, String pictures) {
        return new PatternInfo(
                new PatternHead(pattern.id(), pattern.name(), pattern.group(), pattern.note(), pattern.retired()),
                new PatternHolds(
                        pattern.toFill(),
                        pattern.sections().size(),
                        pattern.sections().stream()
                                .findFirst()
                                .map(s -> s.columns().size())
                                .orElse(0),
                        Drawn.kinds(pattern)),
                Asks.of(pattern.sections()),
                Hash.shortOf(Drawn.print(standing, pattern.id()) + pictures));
    }
}
