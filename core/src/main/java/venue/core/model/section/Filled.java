package venue.core.model.section;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;

/** Whether a copy is its origin still, but for what has been written in the places that the origin leaves to fill. */
final class Filled {

    private Filled() {}

    static boolean is(Section copy, Section origin) {
        return Objects.equals(copy.shared(), origin.shared())
                && values(copy.settings(), origin.settings())
                && each(copy.columns(), origin.columns(), Filled::column);
    }

    private static boolean column(Column copy, Column origin) {
        return copy.id().equals(origin.id())
                && copy.span() == origin.span()
                && values(copy.settings(), origin.settings())
                && each(copy.elements(), origin.elements(), Filled::element);
    }

    private static boolean element(Element copy, Element origin) {
        return copy.id().equals(origin.id())
                && copy.kind().equals(origin.kind())
                && values(copy.props(), origin.props());
    }

    private static boolean values(Map<String, Value> copy, Map<String, Value> origin) {
        Set<String> keys =
                Stream.of(copy, origin).flatMap(v -> v.keySet().stream()).collect(Collectors.toSet());
        return keys.stream().allMatch(k -> value(copy.get(k), origin.get(k)));
    }

    private static boolean value(@Nullable Value copy, @Nullable Value origin) {
        if (copy instanceof Value.Many mine && origin instanceof Value.Many theirs) {
            return each(mine.groups(), theirs.groups(), Filled::values);
        }
        return origin instanceof Value.ToFill || Objects.equals(copy, origin);
    }

    private static <T> boolean each(List<T> copy, List<T> origin, BiPredicate<T, T> alike) {
        return copy.size() == origin.size()
                && IntStream.range(0, copy.size()).allMatch(i -> alike.test(copy.get(i), origin.get(i)));
    }
}
