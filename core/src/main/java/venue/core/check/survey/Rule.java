package venue.core.check.survey;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.site.Site;

/** One rule of the survey. It looks at one item at a time, so that what it finds is carried on from step to step. */
interface Rule {

    String key();

    /** What it looks at, in a few words. */
    String name();

    Severity severity();

    /** Why it matters, as a sentence. */
    String why();

    /** What does not agree about an item that visitors get, or will once it is released. */
    Stream<Finding> find(Scope scope, Item item);

    /** Whether what it finds may be otherwise on another day. */
    default boolean readsTheDay() {
        return false;
    }

    /** The records whose changes may alter what is found about any other item, wherever it stands. */
    default Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class);
    }

    /** Whether a change of this item may alter what is found about any other, wherever it stands. */
    default boolean isReadEverywhere(@Nullable Item before, @Nullable Item after) {
        return Stream.of(Optional.ofNullable(before), Optional.ofNullable(after))
                .flatMap(Optional::stream)
                .anyMatch(i -> readsEverywhere().contains(i.getClass()));
    }

    /** What a change of an item may matter to besides what {@link venue.core.edition.edition.Touched} tells, for this rule alone. */
    default Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.empty();
    }
}
