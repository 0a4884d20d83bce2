package venue.core.edition.edition;

import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.kind.Kind;

/** What a change does to one item; an absent side means that it is not there. */
record ItemChange(@Nullable Item before, @Nullable Item after) {

    /** The item before, if it was of this type. */
    <T> Optional<T> was(Class<T> type) {
        return Optional.ofNullable(before).filter(type::isInstance).map(type::cast);
    }

    /** The item after, if it is of this type. */
    <T> Optional<T> is(Class<T> type) {
        return Optional.ofNullable(after).filter(type::isInstance).map(type::cast);
    }

    /** Whether an item of the type comes, goes, or is not alike any more. */
    <T> boolean changes(Class<T> type, BiPredicate<T, T> alike) {
        Optional<T> was = was(type);
        Optional<T> is = is(type);
        return was.isPresent() && is.isPresent()
                ? !alike.test(was.get(), is.get())
                : Stream.of(was, is).anyMatch(Optional::isPresent);
    }

    /** Whether a kind declares other fields now: then what its pages' values name may be something else. */
    boolean isOfFields() {
        return changes(Kind.class, (was, is) -> was.fields().equals(is.fields()));
    }
}
