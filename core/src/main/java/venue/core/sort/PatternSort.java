package venue.core.sort;

import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.usage.GroupUse;
import venue.core.model.pattern.Pattern;

/** Patterns, which are the managers' own: pages hold copies of them. */
final class PatternSort extends Sort<Pattern> {

    PatternSort() {
        super(Pattern.class);
    }

    @Override
    Optional<Item> anew(Pattern pattern, String id, Walk walk) {
        return Optional.of(new Pattern(
                id,
                pattern.name(),
                pattern.group(),
                pattern.note(),
                walk.sections(pattern.sections()),
                pattern.retired()));
    }

    @Override
    Stream<String> groups(Pattern pattern) {
        return GroupUse.sections(pattern);
    }

    @Override
    Optional<Item> called(Pattern pattern, String name) {
        return Optional.of(pattern.described(name, pattern.group(), pattern.note()));
    }

    @Override
    Item checked(Pattern pattern, WholeCheck check) {
        return WholeCheck.sections(pattern);
    }

    @Override
    String note(Pattern pattern) {
        return pattern.note().isEmpty() ? pattern.group() : pattern.group() + ": " + pattern.note();
    }

    @Override
    Optional<Item> toVisitors(Pattern pattern) {
        return Optional.empty();
    }
}
